/** A chain by its sizes, mm; the breaking load is the standard's least, of one strand. */
interface ChainRow {
  readonly says: string;
  readonly pitch_mm: number;
  readonly roller_mm: number;
  readonly width_mm: number;
  readonly breaks_N: number;
  readonly mass_kg_m: number;
  /** Remembered with doubt: breaking load and mass count as estimates. */
  readonly unsure: boolean;
  /** Constants of the rating (Shigley 10e, eq. 17-32 and 17-33); of its kin where the standard does not rate it. */
  readonly rating: { readonly K_r: number; readonly k: number; readonly byKin: boolean };
}

type Sizes = readonly [pitch_mm: number, roller_mm: number, width_mm: number, breaks_N: number, mass_kg_m: number];

const row = (says: string, [pitch_mm, roller_mm, width_mm, breaks_N, mass_kg_m]: Sizes, K_r: number, k = 0.004): ChainRow => ({
  says,
  pitch_mm,
  roller_mm,
  width_mm,
  breaks_N,
  mass_kg_m,
  unsure: false,
  rating: { K_r, k, byKin: false },
});

/** A size that the standard does not rate: plates in proportion to breaking load, rollers to inner width, of the standard size of its pitch. */
const kin = (says: string, sizes: Sizes, K_r: number, k = 0.004, unsure = true): ChainRow => ({
  ...row(says, sizes, K_r, k),
  unsure,
  rating: { K_r, k, byKin: true },
});

/** Roller chains: ANSI/ASME B29.1, ISO 606, cycle sizes ISO 9633 and 10190 (from memory). Rating of B sizes by the equations of the A sizes of their pitch. */
export const chains = {
  '25': row('ANSI 25', [6.35, 3.3, 3.18, 3500, 0.13], 29),
  '25H': kin('25H, heavy plates', [6.35, 3.3, 3.18, 4800, 0.17], 29),
  '35': row('ANSI 35', [9.525, 5.08, 4.77, 7900, 0.31], 29),
  '40': row('ANSI 40', [12.7, 7.92, 7.94, 13900, 0.62], 17),
  '41': row('ANSI 41', [12.7, 7.77, 6.35, 6700, 0.37], 3.4, 0.0022),
  '50': row('ANSI 50', [15.875, 10.16, 9.53, 21800, 1.03], 17),
  '60': row('ANSI 60', [19.05, 11.91, 12.7, 31300, 1.49], 17),
  '80': row('ANSI 80', [25.4, 15.88, 15.88, 55600, 2.54], 17),
  '05B': kin('ISO 05B', [8, 5, 3, 4400, 0.18], 21.7, 0.0032, false),
  '06B': row('ISO 06B', [9.525, 6.35, 5.72, 8900, 0.41], 29),
  '08B': row('ISO 08B', [12.7, 8.51, 7.75, 17800, 0.7], 17),
  '10B': row('ISO 10B', [15.875, 10.16, 9.65, 22200, 0.95], 17),
  '12B': row('ISO 12B', [19.05, 12.07, 11.68, 28900, 1.25], 17),
  '16B': row('ISO 16B', [25.4, 15.88, 17.02, 60000, 2.7], 17),
  T8F: kin('T8F, small motorcycles', [8, 4.76, 4.7, 7000, 0.3], 29),
  '219': kin('219, karts', [7.774, 4.59, 4.95, 7200, 0.33], 29),
  '082': kin('cycle 1/2 × 3/32 (082)', [12.7, 7.75, 2.38, 9800, 0.28], 1.27, 0.0028),
  '081': kin('cycle 1/2 × 1/8 (081, 410)', [12.7, 7.75, 3.3, 8000, 0.28], 1.77, 0.0023),
  '415': kin('cycle 1/2 × 3/16 (415)', [12.7, 7.75, 4.85, 11800, 0.43], 2.6, 0.0034),
  '420': kin('cycle 1/2 × 1/4 (420)', [12.7, 7.77, 6.35, 15600, 0.55], 13.6),
  '428': kin('cycle 1/2 × 5/16 (428)', [12.7, 8.51, 7.85, 16700, 0.7], 16.8),
  '520': kin('cycle 5/8 × 1/4 (520)', [15.875, 10.16, 6.35, 26000, 0.9], 11.3),
  '530': kin('cycle 5/8 × 3/8 (530)', [15.875, 10.16, 9.53, 28000, 1.1], 17),
} satisfies Record<string, ChainRow>;
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

export const strandFactors = [1, 1.7, 2.5, 3.3, 3.9, 4.6] as const;

/**
 * Links to buy for a length worked out: the next even number, since an odd one needs an offset link, a third weaker.
 * @param links length in links, as the relation makes it
 * @example evenLinks(102.63) // 104
 */
export const evenLinks = (links: number): number => 2 * Math.ceil(links / 2 - 1e-9);
