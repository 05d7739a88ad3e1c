import type { Circle } from './open-belt.js';

/** A pulley in the order in which the belt meets it; `side` is 1 where the belt lies on its inside, −1 where it runs on its back. */
export interface Rounded extends Circle {
  readonly side: 1 | -1;
}

/**
 * A belt round any number of pulleys, met anticlockwise: its length and how far it lies on each, from the common tangents.
 * @returns length in the circles' unit and arcs in rad, or null where two neighbours overlap too far for a tangent
 */
export function beltRound(pulleys: readonly Rounded[]): { readonly length: number; readonly wraps: readonly number[] } | null {
  const spans = pulleys.map((a, k) => {
    const b = pulleys[(k + 1) % pulleys.length] as Rounded;
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    // Signed radii: with the belt on both insides they subtract, with one on its back they add.
    const [apart, step] = [Math.hypot(dx, dy), b.side * b.r - a.side * a.r];
    return { long: Math.sqrt(apart ** 2 - step ** 2), heading: Math.atan2(dy, dx) + Math.asin(-step / apart) };
  });
  if (!spans.every(({ long }) => long > 0)) return null;
  const wraps = pulleys.map(({ side }, k) => {
    const before = spans.at(k - 1) as (typeof spans)[number];
    const turn = side * ((spans[k] as (typeof spans)[number]).heading - before.heading);
    return turn - 2 * Math.PI * Math.floor(turn / (2 * Math.PI));
  });
  const arcs = pulleys.reduce((sum, { r }, k) => sum + r * (wraps[k] as number), 0);
  return { length: arcs + spans.reduce((sum, { long }) => sum + long, 0), wraps };
}
