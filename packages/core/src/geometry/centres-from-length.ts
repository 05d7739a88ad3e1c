import { openBeltLength } from '../formulas/belt/open-belt-length.js';

/**
 * The centre distance at which an open belt of a length runs on two pulleys: the exact length formula turned round by Newton's steps.
 * @param length_mm pitch length of the belt
 * @returns mm, or null where the belt does not even go round the larger pulley; whether the pulleys clear each other is the caller's to look at
 * @example centresFromLength(90, 224, 1600) // ≈ 549.29
 */
export function centresFromLength(d_mm: number, D_mm: number, length_mm: number): number | null {
  const length = (C: number) => openBeltLength.compute({ d: d_mm, D: D_mm, C });
  if (!(Math.PI * Math.max(d_mm, D_mm) < length_mm) || !Number.isFinite(length_mm)) return null;
  // The length bends upward with the distance, so that Newton's steps from above never overshoot; its slope is 2 cos α.
  let C = length_mm / 2;
  for (let k = 0; k < 60; k++) {
    const step = (length(C) - length_mm) / (2 * Math.sqrt(1 - ((D_mm - d_mm) / (2 * C)) ** 2));
    C -= step;
    if (Math.abs(step) < 1e-10 * C) break;
  }
  return C;
}
