import { openBeltLength } from '../formulas/belt/open-belt-length.js';
import { signChange } from '../numeric/root.js';

/**
 * The centre distance at which an open belt of a length runs on two pulleys: the exact length formula turned round.
 * @param length_mm pitch length of the belt
 * @returns mm, or null where the belt does not even go round the larger pulley; whether the pulleys clear each other is the caller's to look at
 * @example centresFromLength(90, 224, 1600) // ≈ 549.29
 */
export function centresFromLength(d_mm: number, D_mm: number, length_mm: number): number | null {
  const length = (C: number) => openBeltLength.compute({ d: d_mm, D: D_mm, C });
  if (!(Math.PI * Math.max(d_mm, D_mm) < length_mm) || !Number.isFinite(length_mm)) return null;
  // With the shafts as near as the one rim lies inside the other it is too short, with half of the belt between them too long.
  const least = Math.max(Math.abs(D_mm - d_mm) / 2, 1e-9 * length_mm);
  return signChange((C) => length(C) - length_mm, least, length_mm / 2)?.beyond ?? null;
}
