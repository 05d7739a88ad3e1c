/** A metal that a shaft is made of: strengths in MPa, at the lower end of what is sold under the name. */
export interface Metal {
  readonly label: string;
  readonly Sut_MPa: number;
  readonly Sy_MPa: number;
  readonly E_MPa: number;
  readonly G_MPa: number;
  readonly density_kg_m3: number;
  /** How its surface is left, which decides how soon it cracks; of brass the stress that it bears for good, as a share of its strength. */
  readonly surface: 'drawn' | 'rolled' | { readonly lasting: number };
}

const steel = { E_MPa: 206_000, G_MPa: 79_300, density_kg_m3: 7850 } as const;
const brass = { E_MPa: 103_000, G_MPa: 38_000, density_kg_m3: 8500 } as const;

/** Strengths by EN 10277, EN 10025 and ASTM A108 at their lower end, of brass by EN 12449 (all from memory, about ±10 %). */
export const metals = {
  bright: { ...steel, label: 'bright mild steel, S235JRC+C or 1018', Sut_MPa: 420, Sy_MPa: 300, surface: 'drawn' },
  black: { ...steel, label: 'black mild steel, S235', Sut_MPa: 360, Sy_MPa: 235, surface: 'rolled' },
  c45: { ...steel, label: 'C45 or 1045, cold-drawn', Sut_MPa: 630, Sy_MPa: 430, surface: 'drawn' },
  axle: { ...steel, label: 'axle of a vehicle, medium-carbon steel by its sparks', Sut_MPa: 500, Sy_MPa: 290, surface: 'drawn' },
  scrap: { ...steel, label: 'scrap, unknown steel, a magnet sticks', Sut_MPa: 340, Sy_MPa: 200, surface: 'drawn' },
  'soft-brass': { ...brass, label: 'brass, soft or of unknown temper', Sut_MPa: 300, Sy_MPa: 110, surface: { lasting: 0.22 } },
  'hard-brass': { ...brass, label: 'brass, hard drawn', Sut_MPa: 400, Sy_MPa: 300, surface: { lasting: 0.22 } },
} as const satisfies Record<string, Metal>;
export type MetalName = keyof typeof metals;

export const metalLabels = Object.fromEntries(Object.entries(metals).map(([name, { label }]) => [name, label])) as Readonly<
  Record<MetalName, string>
>;

/** Of a hundred shafts ninety-nine last (Shigley, table 6-5). */
const reliability = 0.814;
/** Surface factor a·Sut^b, Sut in MPa (Shigley 10e, table 6-2). */
const surfaces = { drawn: [4.51, -0.265], rolled: [57.7, -0.718] } as const;

/**
 * Stress that a turning shaft bears for good, MPa: half of the tensile strength, less for surface, size and reliability (Marin’s factors, Shigley 10e, eq. 6-18).
 * @param d_mm diameter, 2.8 to 254 mm
 */
export function enduranceOf({ Sut_MPa, surface }: Metal, d_mm: number): number {
  if (typeof surface === 'object') return surface.lasting * Sut_MPa;
  const [a, b] = surfaces[surface];
  const size = d_mm <= 51 ? 1.24 * d_mm ** -0.107 : 1.51 * d_mm ** -0.157;
  return 0.5 * Sut_MPa * Math.min(1, a * Sut_MPa ** b) * size * reliability;
}
