/**
 * V-belt sections. ISO 4184 / DIN 2215 (classical), DIN 7753 (narrow), inch data RMA IP-20; from memory of the standards. Mass is typical for wrapped
 * belts, ±10 %. `overDatum_mm` is the outside less the pitch diameter (ISO 4183, least depth above the pitch line).
 */
export const vBeltSections = {
  Z: {
    top_mm: 10,
    height_mm: 6,
    least_mm: 50,
    salvage_mm: 45,
    mass_kg_m: 0.06,
    overDatum_mm: 4,
    insideToPitch_mm: 22,
    grooves: [
      [80, 34],
      [null, 38],
    ],
  },
  A: {
    top_mm: 13,
    height_mm: 8,
    least_mm: 75,
    salvage_mm: 63,
    mass_kg_m: 0.105,
    overDatum_mm: 5.5,
    insideToPitch_mm: 33.02,
    grooves: [
      [118, 34],
      [null, 38],
    ],
  },
  B: {
    top_mm: 17,
    height_mm: 11,
    least_mm: 125,
    salvage_mm: 75,
    mass_kg_m: 0.17,
    overDatum_mm: 7,
    insideToPitch_mm: 45.72,
    grooves: [
      [190, 34],
      [null, 38],
    ],
  },
  C: {
    top_mm: 22,
    height_mm: 14,
    least_mm: 200,
    salvage_mm: 160,
    mass_kg_m: 0.3,
    overDatum_mm: 9.6,
    insideToPitch_mm: 73.66,
    grooves: [
      [315, 34],
      [null, 38],
    ],
  },
  D: {
    top_mm: 32,
    height_mm: 20,
    least_mm: 355,
    salvage_mm: 300,
    mass_kg_m: 0.63,
    overDatum_mm: 16.2,
    insideToPitch_mm: 83.82,
    grooves: [
      [475, 36],
      [null, 38],
    ],
  },
  E: {
    top_mm: 40,
    height_mm: 25,
    least_mm: 500,
    salvage_mm: 450,
    mass_kg_m: 0.97,
    overDatum_mm: 19.2,
    insideToPitch_mm: 114.3,
    grooves: [
      [600, 36],
      [null, 38],
    ],
  },
  SPZ: {
    top_mm: 9.7,
    height_mm: 8,
    least_mm: 63,
    salvage_mm: 56,
    mass_kg_m: 0.07,
    overDatum_mm: 4,
    insideToPitch_mm: null,
    grooves: [
      [80, 34],
      [null, 38],
    ],
  },
  SPA: {
    top_mm: 12.7,
    height_mm: 10,
    least_mm: 90,
    salvage_mm: 80,
    mass_kg_m: 0.12,
    overDatum_mm: 5.5,
    insideToPitch_mm: null,
    grooves: [
      [118, 34],
      [null, 38],
    ],
  },
  SPB: {
    top_mm: 16.3,
    height_mm: 13,
    least_mm: 140,
    salvage_mm: 125,
    mass_kg_m: 0.2,
    overDatum_mm: 7,
    insideToPitch_mm: null,
    grooves: [
      [190, 34],
      [null, 38],
    ],
  },
  SPC: {
    top_mm: 22,
    height_mm: 18,
    least_mm: 224,
    salvage_mm: 200,
    mass_kg_m: 0.37,
    overDatum_mm: 9.6,
    insideToPitch_mm: null,
    grooves: [
      [315, 34],
      [null, 38],
    ],
  },
} as const satisfies Record<string, SectionRow>;

interface SectionRow {
  readonly top_mm: number;
  readonly height_mm: number;
  /** Least pitch diameter of the standard. */
  readonly least_mm: number;
  /** Least that salvage practice runs, at reduced life (common practice, no source). */
  readonly salvage_mm: number;
  readonly mass_kg_m: number;
  readonly overDatum_mm: number;
  /** Inside to pitch length of inch sizes (Shigley table 17-11), DIN 2215 for Z; null where belts are marked with their pitch length. */
  readonly insideToPitch_mm: number | null;
  /** Groove angle in degrees up to and including a pitch diameter; null is any above. */
  readonly grooves: readonly (readonly [number | null, number])[];
}

export type VBeltSection = keyof typeof vBeltSections;

export const sectionSource = 'ISO 4184, DIN 2215 and DIN 7753, section dimensions (from memory)';
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
const everyInch = (least: number, most: number) => inch(...Array.from({ length: most - least + 1 }, (_, k) => least + k));

interface StockLength {
  readonly mark: string;
  /** As marked: inside length of A to E, pitch length of the narrow sections, inside length of Z in mm. */
  readonly length_mm: number;
}

/**
 * Lengths on sale. A and B in every whole inch (common practice, no source: shops fill in between the rows of Shigley's table 17-10); C to E by that
 * table; narrow sections by DIN 7753-1; Z in the same R40 steps, inside.
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
};
export const lengthSource = 'Nominal lengths: Shigley’s Mechanical Engineering Design (10e), table 17-10; DIN 7753-1 (from memory)';

/** Inside length of a classical belt to its pitch length, mm; B, C, D and E add more from 210 or 240 in up (Shigley table 17-11). */
export function pitchLength(section: VBeltSection, inside_mm: number): number | null {
  const { insideToPitch_mm } = vBeltSections[section];
  if (insideToPitch_mm === null) return null;
  const long: Partial<Record<VBeltSection, readonly [from: number, add: number]>> = { B: [240, 2.1], C: [210, 3.8], D: [210, 4.1], E: [240, 5.5] };
  const [from, add] = long[section] ?? [Number.POSITIVE_INFINITY, 0];
  return inside_mm + (inside_mm >= from * 25.4 ? add * 25.4 : insideToPitch_mm);
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

/** How rough the work is on a belt, and the service factor that goes with it: of a driver of normal torque, of one of high or uneven torque. */
export const shocks = {
  uniform: 'even: fan, mixer, light tool',
  light: 'light shock: lathe, saw, conveyor',
  medium: 'medium shock: crusher of soft stuff, press',
  heavy: 'heavy shock: stone, wood, sudden stops',
} as const;
export type Shock = keyof typeof shocks;
export const serviceFactors: Record<Shock, { readonly normal: readonly [number, number]; readonly high: readonly [number, number] }> = {
  uniform: { normal: [1, 1.2], high: [1.1, 1.3] },
  light: { normal: [1.1, 1.3], high: [1.2, 1.4] },
  medium: { normal: [1.2, 1.4], high: [1.4, 1.6] },
  heavy: { normal: [1.3, 1.5], high: [1.5, 1.8] },
};
export const serviceSource = 'Shigley’s Mechanical Engineering Design (10e), table 17-15 (from memory)';
