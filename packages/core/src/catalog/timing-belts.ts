/** A timing belt by its profile. */
interface TimingRow {
  readonly says: string;
  readonly pitch_mm: number;
  /** Height of the pitch line over the teeth of the pulley. */
  readonly land_mm: number;
  /** Fewest teeth that a pulley should have (common practice, no source). */
  readonly least: number;
  /** Width for which the pull holds, the pull that it transmits for years, and its mass. */
  readonly base_mm: number;
  readonly pull_N: number;
  readonly mass_kg_m: number;
  readonly widths_mm: readonly number[];
  /** Fastest that its pitch allows (common practice, no source). */
  readonly most_m_s: number;
  /** Remembered with doubt: pull and mass count as estimates. */
  readonly unsure: boolean;
  /** Marked in inches: length in tenths, width in hundredths. */
  readonly inch: boolean;
}

const inch = { inch: true, unsure: false } as const;
const metric = { inch: false, unsure: true, base_mm: 25.4 } as const;

/**
 * Timing belts. Pitches, pitch lines and widths: ISO 5296 and ISO 5294 (inch, trapezoidal), ISO 13050 (round teeth), DIN 7721 (T); pull and mass of the inch
 * ones: ISO 5295; all from memory. Pull and mass of round and T profiles are usual of makers’ lists, from memory with doubt, for a width of an inch.
 */
export const timingBelts = {
  MXL: {
    says: 'MXL',
    pitch_mm: 2.032,
    land_mm: 0.254,
    least: 12,
    base_mm: 6.4,
    pull_N: 27,
    mass_kg_m: 0.007,
    widths_mm: [3.2, 4.8, 6.4],
    most_m_s: 50,
    ...inch,
  },
  XL: {
    says: 'XL',
    pitch_mm: 5.08,
    land_mm: 0.254,
    least: 10,
    base_mm: 9.5,
    pull_N: 50.17,
    mass_kg_m: 0.022,
    widths_mm: [6.4, 7.9, 9.5],
    most_m_s: 50,
    ...inch,
  },
  L: {
    says: 'L',
    pitch_mm: 9.525,
    land_mm: 0.381,
    least: 12,
    base_mm: 25.4,
    pull_N: 244.46,
    mass_kg_m: 0.095,
    widths_mm: [12.7, 19.1, 25.4],
    most_m_s: 50,
    ...inch,
  },
  H: {
    says: 'H',
    pitch_mm: 12.7,
    land_mm: 0.686,
    least: 14,
    base_mm: 76.2,
    pull_N: 2100.85,
    mass_kg_m: 0.448,
    widths_mm: [19.1, 25.4, 38.1, 50.8, 76.2],
    most_m_s: 40,
    ...inch,
  },
  XH: {
    says: 'XH',
    pitch_mm: 22.225,
    land_mm: 1.397,
    least: 18,
    base_mm: 101.6,
    pull_N: 4048.9,
    mass_kg_m: 1.484,
    widths_mm: [50.8, 76.2, 101.6],
    most_m_s: 30,
    ...inch,
  },
  'T2.5': { says: 'T2.5', pitch_mm: 2.5, land_mm: 0.3, least: 12, pull_N: 140, mass_kg_m: 0.038, widths_mm: [4, 6, 10], most_m_s: 50, ...metric },
  T5: { says: 'T5', pitch_mm: 5, land_mm: 0.5, least: 10, pull_N: 420, mass_kg_m: 0.061, widths_mm: [6, 10, 16, 25], most_m_s: 50, ...metric },
  T10: { says: 'T10', pitch_mm: 10, land_mm: 1, least: 12, pull_N: 900, mass_kg_m: 0.122, widths_mm: [10, 16, 25, 32, 50], most_m_s: 40, ...metric },
  '2M': { says: '2M, round', pitch_mm: 2, land_mm: 0.254, least: 14, pull_N: 111, mass_kg_m: 0.036, widths_mm: [4, 6, 9], most_m_s: 50, ...metric },
  '3M': { says: '3M, round', pitch_mm: 3, land_mm: 0.381, least: 12, pull_N: 285, mass_kg_m: 0.064, widths_mm: [6, 9, 15], most_m_s: 50, ...metric },
  '5M': { says: '5M, round', pitch_mm: 5, land_mm: 0.572, least: 14, pull_N: 454, mass_kg_m: 0.102, widths_mm: [9, 15, 25], most_m_s: 50, ...metric },
  '8M': {
    says: '8M, round',
    pitch_mm: 8,
    land_mm: 0.686,
    least: 22,
    pull_N: 750,
    mass_kg_m: 0.152,
    widths_mm: [20, 30, 50, 85],
    most_m_s: 40,
    ...metric,
  },
} as const satisfies Record<string, TimingRow>;

export type TimingProfile = keyof typeof timingBelts;

export const timingRow = (profile: TimingProfile): TimingRow => timingBelts[profile];

export const timingSizeSource = 'ISO 5296, ISO 5294 (inch), ISO 13050 (round teeth), DIN 7721 (T), from memory';
export const timingPullSource = {
  sure: 'ISO 5295 (from memory): allowed pull of the base width, width to the power of 1.14, mesh factor',
  unsure: 'Makers’ lists, usual (from memory, with doubt), within a third; width and mesh by ISO 5295',
} as const;

/** Teeth of endless belts on sale, ISO 5296 (from memory). Of the others whole numbers of teeth are offered. */
export const timingLengths: Partial<Record<TimingProfile, readonly number[]>> = {
  XL: [30, 35, 40, 42, 45, 50, 55, 60, 65, 70, 75, 80, 85, 90, 95, 100, 105, 110, 115, 120, 125, 130],
  L: [33, 40, 50, 56, 60, 64, 68, 72, 76, 80, 86, 92, 98, 104, 112, 120, 128, 136, 144, 160],
  H: [48, 54, 60, 66, 72, 78, 84, 90, 96, 102, 108, 114, 120, 126, 132, 140, 150, 160, 170, 180, 200, 220, 250, 280, 340],
};

/**
 * Teeth of a belt by its marked length: inch marks are rounded, so that 187 tenths of an inch are 50 teeth of 3/8 in.
 * @param length_mm more than nought
 * @example timingTeeth('L', 18.7 * 25.4) // 50
 */
export const timingTeeth = (profile: TimingProfile, length_mm: number): number => Math.round(length_mm / timingBelts[profile].pitch_mm);

/** Inch widths as they are marked, by their millimetres. */
const inchWidths: Readonly<Record<string, string>> = {
  '3.2': '012',
  '4.8': '019',
  '6.4': '025',
  '7.9': '031',
  '9.5': '037',
  '12.7': '050',
  '19.1': '075',
  '25.4': '100',
  '38.1': '150',
  '50.8': '200',
  '76.2': '300',
  '101.6': '400',
};

/**
 * The mark of a belt as shops write it: `84XL037` is 8.4 in long and 0.37 in wide, `450-5M-15` 450 mm and 15 mm.
 * @param width_mm left out, the mark ends with the profile; otherwise the nearest width on sale
 */
export function timingMark(profile: TimingProfile, teeth: number, width_mm?: number): string {
  const { pitch_mm, inch: inInches, widths_mm } = timingRow(profile);
  const length_mm = teeth * pitch_mm;
  const off = (width: number) => Math.abs(width - (width_mm ?? 0));
  const width = width_mm === undefined ? undefined : widths_mm.reduce((best, each) => (off(each) < off(best) ? each : best));
  if (!inInches) return `${Math.round(length_mm * 10) / 10}-${profile}${width === undefined ? '' : `-${width}`}`;
  // To tenths of an inch, halves down, as the standard's lists are.
  const tenths = Math.ceil(length_mm / 2.54 - 0.5 - 1e-6);
  return `${tenths}${profile}${width === undefined ? '' : inchWidths[width]}`;
}
