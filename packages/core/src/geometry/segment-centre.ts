import { signChange } from '../numeric/root.js';

/**
 * The angle at the axis under which the surface of a load is seen that fills a share of a drum.
 * @param fill share of the drum's cross-section, above 0, at most 1
 * @returns rad
 * @example segmentAngle(0.5) // ≈ 3.1416
 */
export const segmentAngle = (fill: number): number =>
  signChange((turned) => turned - Math.sin(turned) - 2 * Math.PI * fill, 0, 2 * Math.PI)?.beyond ?? 2 * Math.PI;

/**
 * How far below the axis the centre of a load lies that fills a share of a drum: the centroid of a segment of a circle.
 * @param diameter_mm inside diameter of the drum
 * @param fill share of the drum's cross-section, above 0, at most 1
 * @returns mm
 * @example segmentCentre(400, 0.5) // ≈ 84.9: 4 r / 3 π
 */
export function segmentCentre(diameter_mm: number, fill: number): number {
  const angle = segmentAngle(fill);
  return ((2 / 3) * diameter_mm * Math.sin(angle / 2) ** 3) / (angle - Math.sin(angle));
}
