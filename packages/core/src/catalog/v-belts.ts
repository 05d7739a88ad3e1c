import type { Band } from '../numeric/band-at.js';

interface SectionRow {
  /** Of a ribbed belt, of one rib. */
  readonly top_mm: number;
  readonly height_mm: number;
  /** Least pitch diameter of the standard. */
  readonly least_mm: number;
  /** Least that salvage practice runs, at reduced life (common practice, no source). */
  readonly salvage_mm: number;
  readonly mass_kg_m: number;
  readonly overDatum_mm: number;
  /** How its length is marked. */
  readonly marked: 'inside' | 'outside' | 'pitch';
  /** Marked to pitch length (Shigley table 17-11), DIN 2215 for Z, twice π times the depth of the cords for lengths outside. */
  readonly toPitch_mm: number;
  /** Groove angle in degrees up to and including a pitch diameter; null is any above. */
  readonly grooves: readonly (readonly [number | null, number])[];
}

type Cross = readonly [top_mm: number, height_mm: number, overDatum_mm: number, mass_kg_m: number];
type Least = readonly [least_mm: number, salvage_mm: number];

const section = ([top_mm, height_mm, overDatum_mm, mass_kg_m]: Cross, [least_mm, salvage_mm]: Least, steps: number, angle = 34): SectionRow => ({
  top_mm,
  height_mm,
  least_mm,
  salvage_mm,
  mass_kg_m,
  overDatum_mm,
  marked: 'pitch',
  toPitch_mm: 0,
  grooves: [
    [steps, angle],
    [null, 38],
  ],
});
const inside = (toPitch_mm: number, row: SectionRow): SectionRow => ({ ...row, marked: 'inside', toPitch_mm });
const outside = (toPitch_mm: number, row: SectionRow): SectionRow => ({ ...row, marked: 'outside', toPitch_mm });
const ribbed = (cross: Cross, least: Least): SectionRow => ({ ...section(cross, least, 0), grooves: [[null, 40]] });

/**
 * V-belt sections. ISO 4184 / DIN 2215 (classical), DIN 7753 (narrow, and cogged X), RMA IP-23 (3L to 5L), DIN 7867 / ISO 9982 (ribbed), inch data RMA IP-20; from memory
 * of the standards. Mass is typical for wrapped belts, ±10 %; of a ribbed belt a rib. `overDatum_mm` is the outside less the pitch diameter (ISO 4183, least depth above the pitch line).
 */
export const vBeltSections = {
  Z: inside(22, section([10, 6, 4, 0.06], [50, 45], 80)),
  A: inside(33.02, section([13, 8, 5.5, 0.105], [75, 63], 118)),
  B: inside(45.72, section([17, 11, 7, 0.17], [125, 75], 190)),
  C: inside(73.66, section([22, 14, 9.6, 0.3], [200, 160], 315)),
  D: inside(83.82, section([32, 20, 16.2, 0.63], [355, 300], 475, 36)),
  E: inside(114.3, section([40, 25, 19.2, 0.97], [500, 450], 600, 36)),
  AX: inside(33.02, section([13, 8, 5.5, 0.1], [63, 50], 118)),
  BX: inside(45.72, section([17, 11, 7, 0.16], [90, 71], 190)),
  CX: inside(73.66, section([22, 14, 9.6, 0.28], [140, 125], 315)),
  SPZ: section([9.7, 8, 4, 0.07], [63, 56], 80),
  SPA: section([12.7, 10, 5.5, 0.12], [90, 80], 118),
  SPB: section([16.3, 13, 7, 0.2], [140, 125], 190),
  SPC: section([22, 18, 9.6, 0.37], [224, 200], 315),
  XPZ: section([9.7, 8, 4, 0.065], [56, 50], 80),
  XPA: section([12.7, 10, 5.5, 0.11], [71, 63], 118),
  XPB: section([16.3, 13, 7, 0.185], [112, 100], 190),
  '3L': outside(-12.6, section([9.5, 5.6, 4, 0.05], [38, 25], 80)),
  '4L': outside(-20.7, section([12.7, 8, 5.5, 0.09], [63, 38], 118)),
  '5L': outside(-26, section([16.7, 9.7, 7, 0.14], [89, 63], 190)),
  PJ: ribbed([2.34, 3.5, 2.4, 0.0082], [20, 18]),
  PK: ribbed([3.56, 5, 3, 0.021], [45, 40]),
} as const satisfies Record<string, SectionRow>;

export type VBeltSection = keyof typeof vBeltSections;

export const isRibbed = (section: VBeltSection): boolean => vBeltSections[section].grooves[0]?.[1] === 40;

export const sectionSource = 'ISO 4184, DIN 2215 and DIN 7753, RMA IP-23 for 3L to 5L, DIN 7867 for ribbed belts, section dimensions (from memory)';
export const grooveSource = 'ISO 4183, DIN 2217 and DIN 2211, groove angles (from memory)';

/** Groove angle of a pulley, degrees. */
export function grooveAngle(section: VBeltSection, pitch_mm: number): number {
  const rows: readonly (readonly [number | null, number])[] = vBeltSections[section].grooves;
  return (rows.find(([most]) => most === null || pitch_mm <= most) ?? [null, 38])[1];
}

const inch = (...whole: readonly number[]) => whole.map((n) => ({ mark: String(n), length_mm: n * 25.4 }));
const mm = (...lengths: readonly number[]) => lengths.map((n) => ({ mark: String(n), length_mm: n }));
const narrow = [
  630, 670, 710, 750, 800, 850, 900, 950, 1000, 1060, 1120, 1180, 1250, 1320, 1400, 1500, 1600, 1700, 1800, 1900, 2000, 2120, 2240, 2360, 2500, 2650,
  2800, 3000, 3150, 3350, 3550, 3750, 4000, 4250, 4500,
] as const;
const span = (least: number, most: number) => mm(...narrow.filter((n) => n >= least && n <= most));
const tenths = (least: number, most: number) =>
  Array.from({ length: most - least + 1 }, (_, k) => ({ mark: String(10 * (least + k)), length_mm: 25.4 * (least + k) }));
const everyInch = (least: number, most: number) => inch(...Array.from({ length: most - least + 1 }, (_, k) => least + k));

interface StockLength {
  readonly mark: string;
  /** As marked: inside length of A to E and Z, outside length of 3L to 5L, pitch length of the others. */
  readonly length_mm: number;
}

/**
 * Lengths on sale. A and B in every whole inch (common practice, no source: shops fill in between the rows of Shigley's table 17-10); C to E by that
 * table; narrow sections by DIN 7753-1; Z in the same R40 steps, inside. 3L to 5L outside in every inch, their marks in tenths; ribbed belts as shops list them (from memory).
 */
export const stockLengths: Record<VBeltSection, readonly StockLength[]> = {
  Z: span(630, 2500),
  A: everyInch(20, 128),
  B: everyInch(28, 180),
  C: inch(51, 60, 68, 75, 81, 85, 90, 96, 105, 112, 120, 128, 136, 144, 158, 162, 173, 180, 195, 210, 240, 270, 300, 330, 360, 390, 420),
  D: inch(120, 128, 144, 158, 162, 173, 180, 195, 210, 240, 270, 300, 330, 360, 390, 420, 480, 540, 600, 660),
  E: inch(180, 195, 210, 240, 270, 300, 330, 360, 390, 420, 480, 540, 600, 660),
  SPZ: span(630, 3550),
  SPA: span(800, 4500),
  SPB: span(1250, 4500),
  SPC: span(2000, 4500),
  AX: everyInch(20, 128),
  BX: everyInch(28, 180),
  CX: inch(51, 60, 68, 75, 81, 85, 90, 96, 105, 112, 120, 128, 136, 144, 158, 162, 173, 180, 195, 210),
  XPZ: span(630, 3550),
  XPA: span(800, 4000),
  XPB: span(1250, 4000),
  '3L': tenths(15, 75),
  '4L': tenths(18, 100),
  '5L': tenths(25, 100),
  PJ: mm(
    ...[
      356, 381, 406, 432, 457, 483, 508, 559, 610, 660, 711, 762, 813, 864, 914, 965, 1016, 1092, 1123, 1168, 1194, 1222, 1244, 1270, 1321, 1371,
      1428, 1475,
    ],
    ...[1549, 1600, 1651, 1752, 1854, 1956, 2083, 2210, 2337, 2489],
  ),
  PK: span(630, 2500),
};
export const lengthSource = 'Nominal lengths: Shigley’s Mechanical Engineering Design (10e), table 17-10; DIN 7753-1 (from memory)';

/** How a length was measured. */
export type LengthIs = SectionRow['marked'];

/**
 * A length to the pitch length, mm; B, C, D and E add more from 210 or 240 in up (Shigley table 17-11). One that is measured otherwise than its section is marked
 * is first made the marked one, by the height of the belt.
 */
export function pitchLength(section: VBeltSection, length_mm: number, is: LengthIs = vBeltSections[section].marked): number {
  const { height_mm, overDatum_mm, marked } = vBeltSections[section];
  if (is === 'pitch') return length_mm;
  const round = 2 * Math.PI * height_mm;
  if (marked === 'pitch') return length_mm + (is === 'inside' ? round : 0) - Math.PI * overDatum_mm;
  return pitchOfMarked(section, is === marked ? length_mm : is === 'inside' ? length_mm + round : length_mm - round);
}

function pitchOfMarked(section: VBeltSection, marked_mm: number): number {
  const long: Partial<Record<VBeltSection, readonly [from: number, add: number]>> = { B: [240, 2.1], C: [210, 3.8], D: [210, 4.1], E: [240, 5.5] };
  const [from, add] = long[section] ?? [Number.POSITIVE_INFINITY, 0];
  return marked_mm + (marked_mm >= from * 25.4 ? add * 25.4 : vBeltSections[section].toPitch_mm);
}

/** Older rating, hp, belt speed in 1000 ft/min, diameter in inches (RMA 1977 form, which reproduces Shigley's table 17-12; from memory). */
export const olderCoefficients = {
  A: { a: 1.945, b: 3.801, c: 0.0136 },
  B: { a: 3.434, b: 9.83, c: 0.0234 },
  C: { a: 6.372, b: 26.948, c: 0.0416 },
  D: { a: 13.616, b: 93.899, c: 0.0848 },
  E: { a: 19.914, b: 177.74, c: 0.1222 },
} as const;

/** Newer rating (RMA IP-20 1988, IP-22, as printed in Machinery's Handbook; from memory, with doubt). SPZ and SPB by the nearest inch section. */
export const newerCoefficients = {
  A: { k1: 0.8542, k2: 1.342, k3: 2.436e-4, k4: 0.1703, K: 1.1106 },
  B: { k1: 1.506, k2: 3.52, k3: 4.193e-4, k4: 0.2931, K: 1.1415 },
  C: { k1: 2.786, k2: 9.788, k3: 7.46e-4, k4: 0.5214, K: 1.1415 },
  D: { k1: 5.922, k2: 34.72, k3: 1.522e-3, k4: 1.064, K: 1.1415 },
  SPZ: { k1: 1.1691, k2: 1.5295, k3: 1.5229e-4, k4: 0.1596, K: 1.1106 },
  SPB: { k1: 3.3038, k2: 7.781, k3: 3.6432e-4, k4: 0.43343, K: 1.1106 },
} as const;

/**
 * Sections that neither standard rates here by what one belt or rib may pull (N) and the diameter (mm) at which bending takes all of it: fitted to what makers’
 * lists usually say (from memory, with doubt).
 */
export const pullRatings: Partial<Record<VBeltSection, { readonly F_0: number; readonly d_0: number }>> = {
  Z: { F_0: 95, d_0: 28 },
  '3L': { F_0: 46, d_0: 28 },
  '4L': { F_0: 114, d_0: 33 },
  '5L': { F_0: 139, d_0: 42 },
  PJ: { F_0: 38, d_0: 16 },
  PK: { F_0: 110, d_0: 34 },
};
export const pullRatingSource = 'Makers’ lists, usual (from memory, with doubt), within a third';

/** Sections that are rated by their kin, and how many times it (common practice, no source: cogs bend more easily). */
export const ratedLike: Partial<Record<VBeltSection, { readonly of: VBeltSection; readonly times: Band }>> = {
  AX: { of: 'A', times: [1.1, 1.25, 1.4] },
  BX: { of: 'B', times: [1.1, 1.25, 1.4] },
  CX: { of: 'C', times: [1.1, 1.25, 1.4] },
  SPA: { of: 'SPZ', times: [1.1, 1.25, 1.4] },
  SPC: { of: 'SPB', times: [1.5, 1.8, 2.1] },
  XPZ: { of: 'SPZ', times: [1.05, 1.15, 1.3] },
  XPA: { of: 'SPZ', times: [1.15, 1.4, 1.8] },
  XPB: { of: 'SPB', times: [1.05, 1.15, 1.3] },
};
export const ratedLikeSource =
  'Common practice, no source: cogged belts transmit a tenth to two fifths more than wrapped ones of their section; SPA and SPC by the next narrow section';

/** Length factor by marked length in inches: up to, factor (Shigley table 17-14). */
const lengthFactors: Partial<Record<VBeltSection, readonly (readonly [number, number])[]>> = {
  A: [
    [35, 0.85],
    [46, 0.9],
    [55, 0.95],
    [75, 1],
    [90, 1.05],
    [112, 1.1],
    [Number.POSITIVE_INFINITY, 1.15],
  ],
  B: [
    [46, 0.85],
    [60, 0.9],
    [75, 0.95],
    [97, 1],
    [120, 1.05],
    [144, 1.1],
    [180, 1.15],
    [Number.POSITIVE_INFINITY, 1.2],
  ],
  C: [
    [75, 0.85],
    [96, 0.9],
    [120, 0.95],
    [158, 1],
    [195, 1.05],
    [240, 1.1],
    [300, 1.15],
    [Number.POSITIVE_INFINITY, 1.2],
  ],
  D: [
    [128, 0.85],
    [162, 0.9],
    [210, 0.95],
    [240, 1],
    [330, 1.05],
    [420, 1.1],
    [480, 1.15],
    [Number.POSITIVE_INFINITY, 1.2],
  ],
};
export const lengthFactorSource = 'Shigley’s Mechanical Engineering Design (10e), table 17-14 (from memory)';

/** Length factor K2, or null where there is no table. */
export const lengthFactor = (section: VBeltSection, inside_mm: number): number | null =>
  lengthFactors[section]?.find(([most]) => inside_mm / 25.4 <= most + 0.5)?.[1] ?? null;

/** Speed ratio factor on the small diameter, by ratio up to (older standard). */
const ratioFactors = [
  [1.019, 1],
  [1.032, 1.01],
  [1.055, 1.02],
  [1.081, 1.03],
  [1.109, 1.04],
  [1.142, 1.05],
  [1.178, 1.06],
  [1.222, 1.07],
  [1.274, 1.08],
  [1.34, 1.09],
  [1.429, 1.1],
  [1.562, 1.11],
  [1.814, 1.12],
  [2.948, 1.13],
  [Number.POSITIVE_INFINITY, 1.14],
] as const;
export const ratioFactor = (ratio: number): number => (ratioFactors.find(([most]) => ratio <= most) ?? [0, 1.14])[1];
