import type { Check } from '../checks/check.js';
import type { FieldPath } from '../figure/figure.js';
import { type QuantityField, unitOf } from '../kinds/fields.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import type { Build, Input } from '../machine/build.js';
import { isHeld } from '../machine/holders.js';
import { lineOf } from '../machine/lines.js';
import { placesOf, withInput } from '../machine/paths.js';
import { signChange } from '../numeric/root.js';
import { sentence as told } from '../wording/sentence.js';
import { phrase, say, type Wording } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';
import { atOnce, type Steps } from './steps.js';

/** What becomes of a machine over all that was guessed about it. */
export interface OverGuesses {
  /** How many ways the guesses may turn out were tried. */
  readonly tried: number;
  /** In how many of them the source is too weak for the work. */
  readonly fails: number;
  /** The guesses, the one that moves the answer most first: what to measure first. */
  readonly order: readonly FieldPath[];
  /** All of it as sentences. */
  readonly says: string;
}

interface Guess {
  readonly path: FieldPath;
  readonly field: QuantityField;
  readonly input: Input;
  readonly low: number;
  readonly high: number;
}

/** One way that the guesses may turn out: a value for each. */
type Way = readonly number[];

interface Tried {
  readonly way: Way;
  readonly work: Check;
  /** The others that fail. */
  readonly others: readonly Check[];
}

/** All ends together up to so many guesses; with more of them the ends are tried one at a time. */
const mostTogether = 6;
/** Points spread between the ends. */
const between = 32;
/** How near, as a share of a guess’s range, where it begins to fail is looked for. */
const fineness = 1e-6;

/**
 * Tries the ways in which the guesses of a build may turn out, together: all their ends, and points spread evenly between (Halton's sequence). A range that is
 * carried from figure to figure widens where one guess enters by two ways; a guess that is the same everywhere does not.
 * @returns null where nothing is guessed, or the work cannot be judged
 */
export const overGuesses = (build: Build, kinds: Kinds, wording: Wording): OverGuesses | null => atOnce(guessesSteps(build, kinds, wording));

/** The same in steps: one for each way that is tried. */
export function* guessesSteps(build: Build, kinds: Kinds, wording: Wording): Steps<OverGuesses | null> {
  const guesses = guessesOf(build);
  if (guesses.length === 0) return null;
  const attempt = (way: Way): Tried | null => attempted(build, kinds, guesses, way);
  const likely = attempt(guesses.map(({ input }) => input.value as number));
  if (!likely?.work.margin) return null;
  const [atEnds, spread] = [endsOf(guesses), spreadOver(guesses)];
  const tried: Tried[] = [];
  const ends: Tried[] = [];
  for (const [k, way] of [...atEnds, ...spread].entries()) {
    const one = attempt(way);
    if (one) (k < atEnds.length ? ends : tried).push(one);
    // Where it begins to fail is looked for at the end.
    yield (0.9 * (k + 1)) / (atEnds.length + spread.length);
  }
  const all = [likely, ...ends, ...tried];
  const order = guesses.map((guess, k) => ({ guess, k, moves: movedBy(k, guess, ends) })).sort((a, b) => b.moves - a.moves);
  const fails = all.filter(isFailing).length;
  const [first] = order;
  const says = [
    sentence(
      all.length,
      fails,
      nounOf(build, all[0]?.work.at ?? ''),
      first && fails > 0 && fails < all.length ? hinge(first.guess, first.k, ends, attempt, wording) : '',
    ),
    others(all, wording),
  ];
  return { tried: all.length, fails, order: order.map(({ guess }) => guess.path), says: says.filter(Boolean).join(' ') };
}

function guessesOf(build: Build): Guess[] {
  return placesOf(build).flatMap(({ path, field, input }): Guess[] => {
    // A wish that is written as a range guesses nothing about the machine, and of what is only kept nothing follows.
    if (
      path.startsWith('wishes/') ||
      path.startsWith('finder/') ||
      isHeld(path) ||
      field.is !== 'quantity' ||
      input?.value === undefined ||
      input.low === undefined ||
      input.high === undefined
    )
      return [];
    return input.low < input.high ? [{ path, field, input, low: input.low, high: input.high }] : [];
  });
}

function attempted(build: Build, kinds: Kinds, guesses: readonly Guess[], way: Way): Tried | null {
  const settled = guesses.reduce((sofar, { path, input: { low: _low, high: _high, ...input } }, k) => {
    return withInput(sofar, path, { ...input, value: way[k] as number, how: 'measured' });
  }, build);
  const { lines, checks } = evaluateBuild(settled, kinds);
  const work = lines
    .flatMap((line) => line.checks[0] ?? [])
    .reduce<Check | undefined>((worst, each) => (worst && left({ work: worst }) <= left({ work: each }) ? worst : each), undefined);
  return work ? { way, work, others: checks.filter((check) => check.verdict === 'fails' && check !== work) } : null;
}

/** Too weak at the worst of what stays not sure. */
const isFailing = ({ work }: Tried): boolean => left({ work }) < 0;
const left = ({ work }: Pick<Tried, 'work'>): number => work.margin?.worst ?? 0;

function endsOf(guesses: readonly Guess[]): Way[] {
  if (guesses.length <= mostTogether) {
    return Array.from({ length: 1 << guesses.length }, (_, bits) => guesses.map(({ low, high }, k) => ((bits >> k) & 1 ? high : low)));
  }
  const likely = guesses.map(({ input }) => input.value as number);
  return guesses.flatMap(({ low, high }, k) => [low, high].map((end) => likely.with(k, end)));
}

const primes = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37];

/** Halton, On the efficiency of certain quasi-random sequences (1960): a number’s digits mirrored at the point, each guess in another prime’s. */
function mirrored(number: number, base: number): number {
  let [share, mirror] = [1, 0];
  for (let rest = number; rest > 0; rest = Math.floor(rest / base)) {
    share /= base;
    mirror += share * (rest % base);
  }
  return mirror;
}

const spreadOver = (guesses: readonly Guess[]): Way[] =>
  Array.from({ length: between }, (_, point) =>
    guesses.map(({ low, high }, k) => low + (high - low) * mirrored(point + 1, primes[k % primes.length] as number)),
  );

/** How far a guess moves what is left, from one of its ends to the other, the others at theirs. */
function movedBy(k: number, { low, high }: Guess, ends: readonly Tried[]): number {
  const mean = (end: number) => {
    const there = ends.filter(({ way }) => way[k] === end).map(left);
    return there.length === 0 ? 0 : there.reduce((sum, each) => sum + each, 0) / there.length;
  };
  return Math.abs(mean(high) - mean(low));
}

/** From which value of the deciding guess on the source is too weak in some case; empty where that is so at both of its ends. */
function hinge({ path, field, low, high }: Guess, k: number, ends: readonly Tried[], attempt: (way: Way) => Tried | null, wording: Wording): string {
  const called = `the ${wording.label(path)}`;
  const worstAt = (end: number) => ends.filter(({ way }) => way[k] === end).sort((a, b) => left(a) - left(b))[0];
  const [below, above] = [worstAt(low), worstAt(high)];
  if (!below || !above || isFailing(below) === isFailing(above)) return `measure ${called} first, which moves it most`;
  const failing = isFailing(above) ? above : below;
  const [holds, fails] = isFailing(above) ? [low, high] : [high, low];
  const failsAt = (value: number) => {
    const there = attempt(failing.way.with(k, value));
    return there && isFailing(there) ? -1 : 1;
  };
  const turns = signChange(failsAt, holds, fails, fineness * Math.abs(fails - holds))?.beyond ?? fails;
  const from = { value: turns, unit: unitOf(field), quantity: field.quantity };
  return phrase(told(`{called} decides, from {from} ${fails > holds ? 'up' : 'down'}: measure it first`, { called, from }), wording);
}

/** What drives the work of this path; of several lines with the name of its own. */
function nounOf(build: Build, path: string): string {
  const line = lineOf(build, path.split('/')[0]);
  const noun = kindHead('source', line.source.kind)?.noun ?? 'source';
  return build.lines.length === 1 ? noun : `${noun} of “${line.name}”`;
}

function sentence(tried: number, fails: number, source: string, hinges: string): string {
  const ways = `Of what is guessed ${tried} ways were tried`;
  if (fails === 0) return `${ways}: the ${source} is strong enough in every one.`;
  if (fails === tried) return `${ways}: the ${source} is strong enough in none.`;
  return `${ways}: in ${fails} the ${source} is too weak; ${hinges}.`;
}

/** What else fails in some of the ways and not in others, by the worst of it: what fails in all of them depends on no guess. */
function others(all: readonly Tried[], wording: Wording): string {
  const times = new Map<string, number>();
  for (const { id } of all.flatMap((each) => each.others)) times.set(id, (times.get(id) ?? 0) + 1);
  const some = all.flatMap((each) => each.others).filter(({ id }) => (times.get(id) ?? 0) < all.length);
  if (some.length === 0) return '';
  const worst = some.reduce((most, each) => ((each.margin?.worst ?? 0) < (most.margin?.worst ?? 0) ? each : most));
  return say(told('in {many} of them something else fails, at worst: {worst}', { many: times.get(worst.id) ?? 0, worst: worst.says }), wording);
}
