/** A box in as many directions as a relation has inputs that are not sure. */
export interface Box {
  readonly low: readonly number[];
  readonly high: readonly number[];
}

/** Equal steps in which a direction is looked over before the best of them is narrowed down. */
const steps = 24;
/** How many of them, where several are above their neighbours. */
const narrowed = 3;
/** Each turn leaves 0.618 of the width: 45 of them less than a thousand millionth. */
const narrowings = 45;
const golden = (Math.sqrt(5) - 1) / 2;
/** Rounds through the directions; relations that turn in several settle in a few. */
const rounds = 24;

/** Corners from which each end is looked for: the best ones. */
const begun = 3;

/**
 * Least and most of a relation over a box. From the best corners and from the middle one direction after the other is looked over in equal steps and the best
 * step narrowed down by the golden section (Kiefer 1953), until a round finds nothing more.
 * @param at the relation; where it has no answer (NaN) nothing is found
 * @param turning directions in which it may turn; in the others it rises or falls steadily, so that their ends are enough
 * @param likely a point inside
 * @example extremes(([x]) => Math.sin(x), { low: [0], high: [3] }, [0], [1]) // [0, 1]
 */
export function extremes(at: Relation, box: Box, turning: readonly number[], likely: readonly number[]): readonly [number, number] {
  const corners = Array.from({ length: 1 << likely.length }, (_, bits) =>
    likely.map((_x, k) => ((bits >> k) & 1 ? box.high[k] : box.low[k]) as number),
  );
  const valued = corners.map((point) => ({ point, value: at(point) })).sort((a, b) => b.value - a.value);
  const starts = (of: typeof valued) => [...of.slice(0, begun).map(({ point }) => point), likely];
  return [-highest((point) => -at(point), box, turning, starts(valued.reverse())), highest(at, box, turning, starts(valued.reverse()))];
}

type Relation = (point: readonly number[]) => number;

function highest(at: Relation, box: Box, turning: readonly number[], starts: readonly (readonly number[])[]): number {
  let best = Number.NEGATIVE_INFINITY;
  // Both ways round: at a corner where one force is nothing its direction moves nothing, and must not be looked at last.
  const orders = turning.length > 1 ? [turning, [...turning].reverse()] : [turning];
  for (const start of starts) for (const order of orders) best = Math.max(best, climbed(at, box, order, start));
  return best;
}

/** How high one gets from a point, a direction after the other. */
function climbed(at: Relation, { low, high }: Box, turning: readonly number[], start: readonly number[]): number {
  const point = [...start];
  let here = at(point);
  const along = (k: number) => (x: number) => {
    const before = point[k] as number;
    point[k] = x;
    const value = at(point);
    point[k] = before;
    return value;
  };
  const better = (k: number, x: number, value: number) => {
    if (!(value > here)) return;
    point[k] = x;
    here = value;
  };
  const steady = point.flatMap((_x, k) => (turning.includes(k) ? [] : [k]));
  for (let round = 0; round < rounds; round++) {
    const before = here;
    for (const k of turning) better(k, ...highestAlong(along(k), low[k] as number, high[k] as number));
    for (const k of steady) for (const end of [low[k], high[k]] as number[]) better(k, end, along(k)(end));
    if (!(here - before > 1e-13 * Math.abs(here))) break;
  }
  return here;
}

/** The highest place of a stretch and how high it is there: the highest few of the equal steps that are above their neighbours are narrowed down. */
function highestAlong(f: (x: number) => number, from: number, to: number): readonly [number, number] {
  const width = (to - from) / steps;
  const values = Array.from({ length: steps + 1 }, (_, k) => f(k === steps ? to : from + k * width));
  const peaks = values.flatMap((value, k) => (value >= (values[k - 1] ?? value) && value >= (values[k + 1] ?? value) ? [k] : []));
  peaks.sort((a, b) => (values[b] as number) - (values[a] as number));
  let [peak, top] = [from, values[0] as number];
  for (const k of peaks.slice(0, narrowed)) {
    const at = k === steps ? to : from + k * width;
    const found = narrowedDown(f, Math.max(from, at - width), Math.min(to, at + width));
    for (const [x, value] of [[at, values[k] as number] as const, found]) if (value > top) [peak, top] = [x, value];
  }
  return [peak, top];
}

/** The highest place between, by the golden section. */
function narrowedDown(f: (x: number) => number, from: number, to: number): readonly [number, number] {
  let [a, b] = [from, to];
  let [c, d] = [b - golden * (b - a), a + golden * (b - a)];
  let [fc, fd] = [f(c), f(d)];
  for (let turn = 0; turn < narrowings; turn++) {
    if (fc > fd) {
      [b, d, fd] = [d, c, fc];
      c = b - golden * (b - a);
      fc = f(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + golden * (b - a);
      fd = f(d);
    }
  }
  return fc > fd ? [c, fc] : [d, fd];
}
