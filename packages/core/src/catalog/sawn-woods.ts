import type { Band } from './small-motors.js';

export const sawnSource =
  'Handbooks of woodworking (from memory), ±35 %: a saw takes 50 J/cm³ in dry oak and beech, three fifths of that in softwood and in green wood';
export const planedSource =
  'Handbooks of woodworking (from memory), ±30 %: knives along the grain take 22 J/cm³ in dry oak and beech at 2 mm deep, thinner chips more for their volume';

/** Wood under teeth and knives: energy by volume, J/cm³. */
export const sawnWoods = {
  hard: { label: 'dry hardwood: oak, beech, ash', sawn_MPa: [35, 50, 80], planed_MPa: [17, 22, 32] },
  soft: { label: 'dry softwood: pine, spruce', sawn_MPa: [20, 30, 45], planed_MPa: [9, 13, 19] },
  green: { label: 'green wood', sawn_MPa: [20, 30, 45], planed_MPa: [9, 13, 19] },
  board: { label: 'plywood, chipboard', sawn_MPa: [30, 42, 65], planed_MPa: [20, 28, 40] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly sawn_MPa: Band; readonly planed_MPa: Band }>>;
