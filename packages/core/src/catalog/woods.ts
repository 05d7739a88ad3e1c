import type { Band } from './small-motors.js';

interface Wood {
  readonly label: string;
  /** Energy of cutting across the grain, by volume, N/mm² (J/cm³). */
  readonly cutting_MPa: Band;
}

export const splitSource =
  'Common practice, no source: a slim wedge splits a dry log of 250 mm with 2 to 6 kN in softwood, 4.6 to 13 in ash and beech with some knots, 9 to 25 where the grain twists';

/** Force that drives a wedge into a log of about 250 mm, kN. */
export const splits = {
  soft: { label: 'softwood: spruce, willow', force_kN: [2, 3.6, 6] },
  hard: { label: 'ash, beech, some knots', force_kN: [4.6, 8, 13] },
  twisted: { label: 'elm, fruit wood, twisted grain', force_kN: [9, 15, 25] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly force_kN: Band }>>;

export const woodSource =
  'Common practice, no source: a knife across the grain takes 7 to 18 J/cm³ in green wood (specific cutting energy: handbooks of woodworking, from memory), half as much again to twice that in dry wood and knots';

/** Wood as it goes under a knife. */
export const woods = {
  green: { label: 'green: hazel, apple, hedge', cutting_MPa: [7, 10, 18] },
  soft: { label: 'green softwood: thuja, willow, spruce', cutting_MPa: [5, 8, 13] },
  dry: { label: 'dry, or with knots', cutting_MPa: [12, 18, 32] },
} as const satisfies Readonly<Record<string, Wood>>;
