/** A chain by its sizes, mm; the breaking load is the standard's least. */
interface ChainRow {
  readonly says: string;
  readonly pitch_mm: number;
  readonly roller_mm: number;
  readonly width_mm: number;
  readonly breaks_N: number;
  readonly mass_kg_m: number;
  /** Remembered with doubt: breaking load and mass count as estimates. */
  readonly unsure: boolean;
  /** Constants of the rating (Shigley 10e, eq. 17-32 and 17-33); null where the equations do not reach. */
  readonly rating: { readonly K_r: number; readonly k: number } | null;
}

/** Roller chains: ANSI/ASME B29.1, ISO 606, cycle sizes ISO 9633 and 10190 (from memory). Rating of B sizes by the equations of the A sizes of their pitch. */
export const chains = {
  '25': {
    says: 'ANSI 25',
    pitch_mm: 6.35,
    roller_mm: 3.3,
    width_mm: 3.18,
    breaks_N: 3500,
    mass_kg_m: 0.13,
    unsure: false,
    rating: { K_r: 29, k: 0.004 },
  },
  '35': {
    says: 'ANSI 35',
    pitch_mm: 9.525,
    roller_mm: 5.08,
    width_mm: 4.77,
    breaks_N: 7900,
    mass_kg_m: 0.31,
    unsure: false,
    rating: { K_r: 29, k: 0.004 },
  },
  '40': {
    says: 'ANSI 40',
    pitch_mm: 12.7,
    roller_mm: 7.92,
    width_mm: 7.94,
    breaks_N: 13900,
    mass_kg_m: 0.62,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '41': {
    says: 'ANSI 41',
    pitch_mm: 12.7,
    roller_mm: 7.77,
    width_mm: 6.35,
    breaks_N: 6700,
    mass_kg_m: 0.37,
    unsure: false,
    rating: { K_r: 3.4, k: 0.0022 },
  },
  '50': {
    says: 'ANSI 50',
    pitch_mm: 15.875,
    roller_mm: 10.16,
    width_mm: 9.53,
    breaks_N: 21800,
    mass_kg_m: 1.03,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '60': {
    says: 'ANSI 60',
    pitch_mm: 19.05,
    roller_mm: 11.91,
    width_mm: 12.7,
    breaks_N: 31300,
    mass_kg_m: 1.49,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '80': {
    says: 'ANSI 80',
    pitch_mm: 25.4,
    roller_mm: 15.88,
    width_mm: 15.88,
    breaks_N: 55600,
    mass_kg_m: 2.54,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '05B': { says: 'ISO 05B', pitch_mm: 8, roller_mm: 5, width_mm: 3, breaks_N: 4400, mass_kg_m: 0.18, unsure: false, rating: null },
  '06B': {
    says: 'ISO 06B',
    pitch_mm: 9.525,
    roller_mm: 6.35,
    width_mm: 5.72,
    breaks_N: 8900,
    mass_kg_m: 0.41,
    unsure: false,
    rating: { K_r: 29, k: 0.004 },
  },
  '08B': {
    says: 'ISO 08B',
    pitch_mm: 12.7,
    roller_mm: 8.51,
    width_mm: 7.75,
    breaks_N: 17800,
    mass_kg_m: 0.7,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '10B': {
    says: 'ISO 10B',
    pitch_mm: 15.875,
    roller_mm: 10.16,
    width_mm: 9.65,
    breaks_N: 22200,
    mass_kg_m: 0.95,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '12B': {
    says: 'ISO 12B',
    pitch_mm: 19.05,
    roller_mm: 12.07,
    width_mm: 11.68,
    breaks_N: 28900,
    mass_kg_m: 1.25,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '16B': {
    says: 'ISO 16B',
    pitch_mm: 25.4,
    roller_mm: 15.88,
    width_mm: 17.02,
    breaks_N: 60000,
    mass_kg_m: 2.7,
    unsure: false,
    rating: { K_r: 17, k: 0.004 },
  },
  '081': {
    says: 'cycle 1/2 × 1/8 (081, 410)',
    pitch_mm: 12.7,
    roller_mm: 7.75,
    width_mm: 3.3,
    breaks_N: 8000,
    mass_kg_m: 0.28,
    unsure: true,
    rating: null,
  },
  '415': {
    says: 'cycle 1/2 × 3/16 (415)',
    pitch_mm: 12.7,
    roller_mm: 7.75,
    width_mm: 4.85,
    breaks_N: 11800,
    mass_kg_m: 0.43,
    unsure: true,
    rating: null,
  },
  '420': {
    says: 'cycle 1/2 × 1/4 (420)',
    pitch_mm: 12.7,
    roller_mm: 7.77,
    width_mm: 6.35,
    breaks_N: 15600,
    mass_kg_m: 0.55,
    unsure: true,
    rating: null,
  },
  '428': {
    says: 'cycle 1/2 × 5/16 (428)',
    pitch_mm: 12.7,
    roller_mm: 8.51,
    width_mm: 7.85,
    breaks_N: 16700,
    mass_kg_m: 0.7,
    unsure: true,
    rating: null,
  },
  '520': {
    says: 'cycle 5/8 × 1/4 (520)',
    pitch_mm: 15.875,
    roller_mm: 10.16,
    width_mm: 6.35,
    breaks_N: 26000,
    mass_kg_m: 0.9,
    unsure: true,
    rating: null,
  },
} as const satisfies Record<string, ChainRow>;
export type ChainSize = keyof typeof chains;
export const chainSource = 'ANSI/ASME B29.1, ISO 606, ISO 9633, ISO 10190, chain dimensions and least breaking loads (from memory)';

/** Within what a calliper in a shed tells two sizes apart, mm. */
const calliper_mm = { pitch: 0.25, roller: 0.15, width: 0.4 };

/** The sizes that measured pitch, roller and inner width leave, by what was measured of them: 25 and T8F, 40, 41 and 08B look alike and are not. */
export function chainsLike(pitch_mm: number | null, roller_mm: number | null, width_mm: number | null): ChainSize[] {
  const near = (is: number, measured: number | null, within: number) => measured === null || Math.abs(is - measured) <= within;
  return (Object.keys(chains) as ChainSize[]).filter((size) => {
    const row = chains[size];
    return (
      near(row.pitch_mm, pitch_mm, calliper_mm.pitch) &&
      near(row.roller_mm, roller_mm, calliper_mm.roller) &&
      near(row.width_mm, width_mm, calliper_mm.width)
    );
  });
}

/** Pitch from a chain's number, in: ANSI numbers begin with eighths of an inch, ISO numbers are sixteenths (05B is metric). */
export function pitchOfNumber(number: string): number | null {
  const iso = /^(\d\d)[AB]$/.exec(number);
  if (iso) return iso[1] === '05' ? 8 / 25.4 : Number(iso[1]) / 16;
  return /^\d+[0-9]$/.test(number) ? Number(number.slice(0, -1)) / 8 : null;
}

/** Chain service factor of an electric motor by how rough the work is (ANSI B29; light shock between smooth and moderate). */
export const chainServiceFactors = { uniform: [1, 1], light: [1, 1.3], medium: [1.3, 1.3], heavy: [1.5, 1.5] } as const;
export const strandFactors = [1, 1.7, 2.5, 3.3, 3.9, 4.6] as const;

/**
 * Links to buy for a length worked out: the next even number, since an odd one needs an offset link, a third weaker.
 * @param links length in links, as the relation makes it
 * @example evenLinks(102.63) // 104
 */
export const evenLinks = (links: number): number => 2 * Math.ceil(links / 2 - 1e-9);
