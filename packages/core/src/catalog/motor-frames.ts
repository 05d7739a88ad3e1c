/** Height of a foot-mounted motor's shaft over its feet, mm, from an output on, kW: frames of EN 50347 for four poles (from memory). */
const frames: readonly (readonly [from_kW: number, height: number])[] = [
  [0, 56],
  [0.12, 63],
  [0.25, 71],
  [0.55, 80],
  [1.1, 90],
  [2.2, 100],
  [4, 112],
  [5.5, 132],
  [11, 160],
  [18.5, 180],
];

/** Usual width of a motor's body, mm, as it is drawn while nobody has measured it: nearly twice its frame (common practice, no source). @param kW rated output */
export const motorBody = (kW: number): number => 1.9 * (frames.findLast(([from]) => kW >= from * 0.999)?.[1] ?? 56);
