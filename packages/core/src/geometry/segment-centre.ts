/**
 * How far below the axis the centre of a load lies that fills a share of a drum: the centroid of a segment of a circle, its angle found by halving.
 * @param diameter_mm inside diameter of the drum
 * @param fill share of the drum's cross-section, above 0, at most 1
 * @returns mm
 * @example segmentCentre(400, 0.5) // ≈ 84.9: 4 r / 3 π
 */
export function segmentCentre(diameter_mm: number, fill: number): number {
  let [least, most] = [0, 2 * Math.PI];
  for (let turn = 0; turn < 60; turn++) {
    const middle = (least + most) / 2;
    if (middle - Math.sin(middle) < 2 * Math.PI * fill) least = middle;
    else most = middle;
  }
  return ((2 / 3) * diameter_mm * Math.sin(most / 2) ** 3) / (most - Math.sin(most));
}
