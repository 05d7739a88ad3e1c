import type { Band } from '../numeric/band-at.js';

/** Lewis form factor of full-depth teeth of 20°, by the number of teeth (Shigley’s Mechanical Engineering Design, 10e, table 14-2, from memory). */
const lewis = [
  [12, 0.245],
  [13, 0.261],
  [14, 0.277],
  [15, 0.29],
  [16, 0.296],
  [17, 0.303],
  [18, 0.309],
  [19, 0.314],
  [20, 0.322],
  [21, 0.328],
  [22, 0.331],
  [24, 0.337],
  [26, 0.346],
  [28, 0.353],
  [30, 0.359],
  [34, 0.371],
  [38, 0.384],
  [43, 0.397],
  [50, 0.409],
  [60, 0.422],
  [75, 0.435],
  [100, 0.447],
  [150, 0.46],
  [300, 0.472],
] as const;

export const lewisSource = 'Shigley’s Mechanical Engineering Design (10e), table 14-2 (from memory): 20°, full depth';

/** The form factor of a gear; between rows in a straight line, below 12 teeth none. */
export function lewisFactor(z: number): number | null {
  const [least, most] = [lewis[0], lewis.at(-1) as readonly [number, number]];
  if (z < least[0]) return null;
  if (z >= most[0]) return most[1];
  const k = lewis.findIndex(([teeth]) => teeth > z);
  const [[a, low], [b, high]] = [lewis[k - 1] as readonly [number, number], lewis[k] as readonly [number, number]];
  return low + ((high - low) * (z - a)) / (b - a);
}

/** Bending stress that the root of a tooth withstands for years, and at which it breaks, MPa (common practice, no source). */
export const gearMaterials = {
  mild: { says: 'mild steel', lasts: [80, 110, 140], breaks: [380, 450, 550] },
  hardened: { says: 'hardened steel', lasts: [200, 260, 350], breaks: [800, 1000, 1400] },
  iron: { says: 'cast iron', lasts: [40, 55, 75], breaks: [150, 200, 280] },
  brass: { says: 'brass, bronze', lasts: [40, 55, 70], breaks: [250, 320, 420] },
  plastic: { says: 'nylon, acetal', lasts: [15, 25, 35], breaks: [55, 70, 85] },
} as const;
export type GearMaterial = keyof typeof gearMaterials;
export const gearSource = 'Common practice, no source: what teeth of the material withstand for years, and what they break at';

/** Efficiency of a worm by its ratio (common practice, no source: 0.40 at 60 to 1, 0.90 at 5 to 1). */
export const wormEfficiencies: readonly (readonly [ratio: number, Band])[] = [
  [5, [0.85, 0.9, 0.93]],
  [7.5, [0.82, 0.87, 0.91]],
  [15, [0.7, 0.8, 0.86]],
  [30, [0.55, 0.68, 0.78]],
  [60, [0.35, 0.5, 0.62]],
];
