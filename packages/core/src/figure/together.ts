import { anew, type Figure, flag, type Known, partsOf, picked, scaled } from './figure.js';

/** The entries and table values with a band that enter more than once into the two of them. */
function bandsOften(has: Known, needs: Known): readonly Known[] {
  const [once, often] = [new Set<Known>(), new Set<Known>()];
  const bands: Known[] = [];
  const visit = (figure: Figure): void => {
    // What is sure has no band under it that matters; what was met before has all of its bands counted anew, once.
    if (!figure.known || figure.low === undefined || often.has(figure)) return;
    const parts = madeOf(figure);
    if (once.has(figure)) {
      often.add(figure);
      if (parts.length === 0) bands.push(figure);
    }
    once.add(figure);
    for (const part of parts) visit(part);
  };
  visit(has);
  visit(needs);
  return bands;
}

/** What a figure was made of, with what a table was read at. */
function madeOf(figure: Known): readonly Figure[] {
  const { origin } = figure;
  return origin.by === 'catalog' && origin[anew] ? [origin[anew].by] : partsOf(figure).map(([, part]) => part);
}

/** Values at which a band that enters more than once is tried. */
const tried = ({ low, value, high }: Known): readonly number[] => [low as number, value, high as number];

/** The same figure with each band put to one value; itself where it rests on none of them. Null where it cannot be worked out anew, or has no value there. */
function at(figure: Known, values: ReadonlyMap<Known, number>, done: Map<Known, Known | null>): Known | null {
  if (figure.low === undefined) return figure;
  const value = values.get(figure);
  if (value !== undefined) return pinned(figure, value);
  const known = done.get(figure);
  if (known !== undefined) return known;
  const now = workOut(figure, values, done);
  done.set(figure, now);
  return now;
}

function pinned({ unit, origin, flags }: Known, value: number): Known {
  return { known: true, unit, value, flags: flags & ~flag.unseen, origin };
}

function workOut(figure: Known, values: ReadonlyMap<Known, number>, done: Map<Known, Known | null>): Known | null {
  let isSame = true;
  const part = (of: Figure): Known | null => {
    const now = of.known ? at(of, values, done) : null;
    if (now !== of) isSame = false;
    return now;
  };
  const { origin } = figure;
  let now: Figure | null | undefined = figure;
  if (origin.by === 'catalog' && origin[anew]) {
    const by = part(origin[anew].by);
    if (!isSame) now = by && origin[anew].again(by);
  } else if (origin.by === 'formula' || origin.by === 'solved') {
    const from: Record<string, Figure> = {};
    for (const name in origin.from) {
      const one = part(origin.from[name] as Figure);
      if (!one) return null;
      from[name] = one;
    }
    if (!isSame) now = origin[anew]?.(from);
  } else if (origin.by === 'scaled') {
    const [of, factor] = [part(origin.of), part(origin.factor)];
    if (!isSame) now = of && factor && scaled(of, factor as Known<'1'>, origin.why);
  } else if (origin.by === 'picked') {
    const from = origin.from.map(part);
    if (!isSame) now = from.every((one) => one !== null) ? picked(origin.rule, figure.unit, from) : null;
  }
  return now?.known ? now : null;
}

/** Bands that are put together at most: with two there are nine pairs to work out. */
const mostTogether = 2;

/** Two figures as they belong together. */
export interface Pair {
  readonly has: Known;
  readonly needs: Known;
  /** Whether every band that looking would not narrow is at its likely value. */
  readonly likely: boolean;
}

/**
 * What a build has and what it needs as they belong together: for each of several values of a band that enters into them more than once, both of them. What is
 * uncertain once is so everywhere at once, and not at its one end here and at its other there. Empty where every band enters once, or where one of the two
 * cannot be worked out anew.
 * @param matters whether the pair with each such band at its likely value is judged otherwise than the two apart: where it is not, no pair is
 */
export function together(has: Known, needs: Known, matters: (likely: Pair) => boolean): readonly Pair[] {
  const often = bandsOften(has, needs);
  if (often.length === 0) return [];
  const likely = pairAt(has, needs, new Map(often.map((band) => [band, band.value])));
  if (!likely || !matters(likely)) return [];
  let points: ReadonlyMap<Known, number>[] = [new Map()];
  for (const band of often.length > mostTogether ? widest(often, has, needs) : often)
    points = points.flatMap((point) => tried(band).map((value) => new Map([...point, [band, value]])));
  const pairs = points.map((point) => pairAt(has, needs, point));
  return pairs.every((pair) => pair !== null) ? pairs : [];
}

function pairAt(has: Known, needs: Known, point: ReadonlyMap<Known, number>): Pair | null {
  const done = new Map<Known, Known | null>();
  const [one, other] = [at(has, point, done), at(needs, point, done)];
  return one && other && { has: one, needs: other, likely: [...point].every(([band, value]) => band.flags & flag.unseen || value === band.value) };
}

/** Those that widen the two of them most. */
function widest(often: readonly Known[], has: Known, needs: Known): readonly Known[] {
  const width = ({ low, high, value }: Known) => (low === undefined || high === undefined ? 0 : (high - low) / Math.abs(value || 1));
  const without = often.map((band) => {
    const pair = pairAt(has, needs, new Map([[band, band.value]]));
    return { band, width: pair ? width(pair.has) + width(pair.needs) : Number.POSITIVE_INFINITY };
  });
  return without
    .sort((one, other) => one.width - other.width)
    .slice(0, mostTogether)
    .map(({ band }) => band);
}
