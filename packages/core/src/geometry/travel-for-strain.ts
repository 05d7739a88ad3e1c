import { centresFromLength } from './centres-from-length.js';

/**
 * How far two wheels must be moved apart until a belt that just lies slack-free is stretched by a share of its length.
 * @param length_mm pitch length of the belt
 * @param strain share of the length, 0.0015 for a toothed belt at work
 * @returns mm, or null where the belt does not go round
 * @example travelForStrain(31.83, 63.66, 600, 0.0015) // ≈ 0.451
 */
export function travelForStrain(d_mm: number, D_mm: number, length_mm: number, strain: number): number | null {
  const [slack, tight] = [centresFromLength(d_mm, D_mm, length_mm), centresFromLength(d_mm, D_mm, length_mm * (1 + strain))];
  return slack === null || tight === null ? null : tight - slack;
}
