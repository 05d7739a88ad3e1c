import { type Band, bandAt } from '../numeric/band-at.js';

export const carriesSource =
  'Copper lead in free air: from the least for appliances’ cords (IEC 60335-1, table of supply cords, from memory) to flexible leads (DIN VDE 0298-4, from memory)';
export const fusedSource =
  'Breaker for a copper lead: common practice after IEC 60364-4-43 and -5-52, with the rows of AWG 10, 8 and 6 after NEC 240.4(D) and 310.16 (from memory); local codes go first';

/** Cross-section in mm², least, likely and most current in A that it carries for good in free air, and the largest breaker in A before it. */
const leads: readonly (readonly [mm2: number, carries: Band, fused: number])[] = [
  [0.5, [3, 6, 9], 6],
  [0.75, [6, 9, 12], 10],
  [1, [10, 12.5, 15], 10],
  [1.5, [16, 17, 18], 16],
  [2.5, [25, 25.5, 26], 20],
  [4, [32, 33, 34], 25],
  [5.26, [36, 38, 40], 30],
  [6, [40, 42, 44], 32],
  [8.37, [50, 52, 54], 40],
  [10, [60, 61, 63], 50],
  [13.3, [70, 72, 74], 55],
  [16, [80, 82, 85], 63],
  [25, [105, 108, 112], 80],
  [35, [130, 135, 138], 100],
  [50, [160, 168, 175], 125],
];

const carried = leads.map(([mm2, carries]) => [mm2, carries] as const);
const fused = leads.map(([mm2, , breaker]) => [mm2, [breaker, breaker, breaker] as const] as const);

/** Current that a copper lead of a cross-section (mm²) carries for good in free air, A. */
export const leadCarries = (mm2: number): Band => bandAt(carried, mm2);

/** The largest breaker before a copper lead of a cross-section (mm²), A. */
export const leadFused = (mm2: number): number => bandAt(fused, mm2)[1];

/** The least usual cross-section in mm² behind a breaker of so many A; null where none here is thick enough. */
export const leadFor = (breaker_A: number): number | null => usual.find((mm2) => leadFused(mm2) >= breaker_A) ?? null;

/** What can be bought, without the rows of wire gauges. */
const usual = [0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50] as const;

/** The largest usual breaker that is no larger than so many A; null where even the least is. */
export const breakerUpTo = (most_A: number): number | null => breakers.findLast((each) => each <= most_A + 1e-9) ?? null;

const breakers = [6, 10, 13, 15, 16, 20, 25, 30, 32, 40, 50, 63, 80, 100, 125] as const;

/** How a lead is laid, and what that leaves of its current in free air (common practice after IEC 60364-5-52, from memory). */
export const laidShares = { free: [1, 1, 1], bundled: [0.7, 0.75, 0.8], coiled: [0.3, 0.33, 0.4] } as const satisfies Record<string, Band>;
export type Laid = keyof typeof laidShares;
export const laidSource =
  'Common practice, no source: in conduit or bundled about three quarters of what a lead carries in free air, on a coiled drum a third';
