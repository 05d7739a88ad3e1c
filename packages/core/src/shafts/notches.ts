import type { Section } from './section-shape.js';

/** What a notch does to stress in bending and in twist. */
export interface Raises {
  readonly Kf: number;
  readonly Kfs: number;
}

/** First estimates by Shigley 10e, table 7-1; set screws, splines, flats and shrink fits (Peterson) are common practice, from memory. The sensitivity of the metal to notches is taken as full. */
export const notchKinds = {
  'end-milled keyway': { Kf: 2.14, Kfs: 3 },
  'sled-runner keyway': { Kf: 1.7, Kfs: 3 },
  'set-screw dimple': { Kf: 2, Kfs: 2 },
  'ring groove': { Kf: 5, Kfs: 3 },
  'shrink fit': { Kf: 2, Kfs: 1.6 },
  spline: { Kf: 1.6, Kfs: 2.2 },
  flat: { Kf: 1.5, Kfs: 1.5 },
  'cut thread': { Kf: 2.8, Kfs: 2.8 },
} as const satisfies Record<string, Raises>;

/** Factor A and power b of a shoulder by the ratio of its diameters, Kt = A (r/d)^b (R. L. Norton, Machine Design, appendix, after Peterson; from memory). */
const bending = [
  [1.01, 0.91938, -0.17032],
  [1.02, 0.96048, -0.17711],
  [1.03, 0.98061, -0.18381],
  [1.05, 0.98137, -0.19653],
  [1.07, 0.97527, -0.20958],
  [1.1, 0.9512, -0.23757],
  [1.2, 0.97098, -0.21796],
  [1.5, 0.93836, -0.25759],
  [2, 0.90879, -0.28598],
  [3, 0.89334, -0.3086],
  [6, 0.87868, -0.33243],
] as const;
const twist = [
  [1.09, 0.90337, -0.12692],
  [1.2, 0.83425, -0.21649],
  [1.33, 0.84897, -0.23161],
  [2, 0.86331, -0.23865],
] as const;

/** Between the rows of a table by the ratio of diameters; beyond its ends as at them. */
function byRatio(rows: readonly (readonly [number, number, number])[], ratio: number, share: number): number {
  const Kt = ([, A, b]: readonly [number, number, number]) => A * share ** b;
  const above = rows.findIndex(([each]) => each >= ratio);
  if (above === 0) return Kt(rows[0] as (typeof rows)[number]);
  if (above < 0) return Kt(rows.at(-1) as (typeof rows)[number]);
  const [low, high] = [rows[above - 1], rows[above]] as [(typeof rows)[number], (typeof rows)[number]];
  const part = (ratio - low[0]) / (high[0] - low[0]);
  return Kt(low) + part * (Kt(high) - Kt(low));
}

/** A shoulder between two diameters with a fillet, mm; a fillet that is not there is taken as a fiftieth of the thinner one. */
export function shoulder(thin_mm: number, thick_mm: number, fillet_mm: number): Raises {
  const ratio = thick_mm / thin_mm;
  if (ratio <= 1.001) return { Kf: 1, Kfs: 1 };
  const share = Math.max(fillet_mm, thin_mm / 50) / thin_mm;
  return { Kf: Math.max(1, byRatio(bending, ratio, share)), Kfs: Math.max(1, byRatio(twist, ratio, share)) };
}

/**
 * A hole across, through both sides: Kt = 1.58934 − 0.63599 lg(a/d) in bending (Shigley 10e, table A-16 as a fit, from memory), 1.56 in twist, on the section that is
 * left of a bar or of both walls of a tube.
 * @param hole_mm diameter of the hole, below that of the shaft
 */
export function crossHole(
  hole_mm: number,
  { size_mm: d, bore_mm: bore = 0 }: Pick<Section, 'size_mm' | 'bore_mm'>,
): Raises & { readonly left: number } {
  const gone = (hole_mm * (d ** 3 - bore ** 3)) / 12;
  const all = (Math.PI * (d ** 4 - bore ** 4)) / 64;
  return { Kf: 1.58934 - 0.63599 * Math.log10(hole_mm / d), Kfs: 1.56, left: Math.max(0.05, 1 - gone / all) };
}

/** Pitches of coarse metric threads by diameter, mm (ISO 261, from memory). */
const coarse = [
  [3, 0.5],
  [4, 0.7],
  [5, 0.8],
  [6, 1],
  [8, 1.25],
  [10, 1.5],
  [12, 1.75],
  [16, 2],
  [20, 2.5],
  [24, 3],
  [30, 3.5],
  [36, 4],
  [42, 4.5],
  [48, 5],
  [56, 5.5],
  [64, 6],
] as const;

/** Diameter at the root of a metric thread, mm (ISO 724 and ISO 68-1, from memory: 1.2269 pitches less, with a rounded root). @param pitch_mm of a coarse thread where it is left out */
export function threadRoot(d_mm: number, pitch_mm?: number): number {
  const usual = coarse.find(([d]) => d >= d_mm - 0.5)?.[1] ?? 6;
  return Math.max(0.1 * d_mm, d_mm - 1.2269 * (pitch_mm ?? usual));
}
