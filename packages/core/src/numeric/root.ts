/** A place where a relation changes its sign: the last point on the side of `from`, and the first beyond. */
export interface SignChange {
  readonly before: number;
  readonly beyond: number;
}

/** As near as doubles come. */
const finest = 4 * Number.EPSILON;
/** More turns than halving to the last digit takes. */
const most = 120;

/**
 * Where a relation passes nought between two ends, by Chandrupatla's method (1997): inverse quadratic steps where they are safe, halving elsewhere, so that a
 * step or a mere yes and no is found as well. Nought itself counts as beyond.
 * @param f the relation; above nought at one end, at or below it at the other, or the other way round
 * @param within how near the two points are to come to each other; as near as doubles allow where it is left out
 * @returns null where both ends lie on one side, or where the relation has no answer
 * @example signChange((x) => x * x - 2, 0, 2)?.beyond // ≈ 1.41421356
 */
export function signChange(f: (x: number) => number, from: number, to: number, within = 0): SignChange | null {
  // Turned so that it begins above nought.
  const up = f(from) > 0 ? 1 : -1;
  const side = (x: number) => up * f(x);
  let [x1, f1] = [to, side(to)];
  let [x2, f2] = [from, side(from)];
  if (!(f2 > 0) || !(f1 <= 0)) return null;
  let [x3, f3] = [x1, f1];
  let t = 0.5;
  for (let turn = 0; turn < most; turn++) {
    const x = x1 + t * (x2 - x1);
    const value = side(x);
    if (Number.isNaN(value)) return null;
    if (value > 0 === f1 > 0) [x3, f3] = [x1, f1];
    else [x3, f3, x2, f2] = [x2, f2, x1, f1];
    [x1, f1] = [x, value];
    const apart = Math.abs(x2 - x1);
    const near = Math.max(within, finest * Math.abs(x1));
    if (apart <= near || f1 === 0) break;
    t = Math.min(1 - near / (2 * apart), Math.max(near / (2 * apart), nextShare(x1, f1, x2, f2, x3, f3)));
  }
  if (f1 === 0) return { before: x1, beyond: x1 };
  return f1 > 0 ? { before: x1, beyond: x2 } : { before: x2, beyond: x1 };
}

/** Where between the two points to look next, as a share of their distance: by the parabola through the last three where that is safe. */
function nextShare(x1: number, f1: number, x2: number, f2: number, x3: number, f3: number): number {
  const xi = (x1 - x2) / (x3 - x2);
  const phi = (f1 - f2) / (f3 - f2);
  if (!(phi ** 2 < xi && (1 - phi) ** 2 < 1 - xi)) return 0.5;
  return (f1 / (f2 - f1)) * (f3 / (f2 - f3)) + (((x3 - x1) / (x2 - x1)) * (f1 / (f3 - f1)) * f2) / (f3 - f2);
}
