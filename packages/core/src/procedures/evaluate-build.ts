import { type Check, closeBelow, type Labels, rankOf, type Verdict, worstVerdict } from '../checks/check.js';
import { guessesUnder } from '../figure/figure.js';
import { joined, joinedOnce } from '../joined.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { enter } from '../machine/enter.js';
import { meansTheSame } from '../machine/means-the-same.js';
import { fieldLabel, placesOf, withInput } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { showShare, type UnitHabit } from '../quantity/show.js';
import { type Offer, type WalkedLine, walkLine } from './walk-line.js';
import { wishChecks } from './wishes.js';

/** Number of the engine that made an evaluation; a cached verdict with another number is worked out again. */
export const engineVersion = 7;

export interface Evaluation {
  /** The units in which its sentences tell figures. */
  readonly units: UnitHabit;
  readonly lines: readonly WalkedLine[];
  /** Every check, worst first. */
  readonly checks: readonly Check[];
  readonly verdict: Verdict;
  /** The sentence over the whole. */
  readonly says: string;
  /** What gives first in a jam, and how long it may go on. Empty while that is not known. */
  readonly jam: string;
  /** What the answer does not cover. */
  readonly notWorkedOut: string;
  /** What to beware of, each once. */
  readonly cautions: readonly string[];
}

/** What stands behind every answer until it is built. */
const never = 'Not worked out: shaft strength, bearing life.';

/** What was worked out last, and of what. */
export interface WorkedOut {
  readonly build: Build;
  readonly evaluation: Evaluation;
}

/**
 * Works a build out: pure and synchronous once its kinds are loaded. What would cure it is tried apart, by `remedyFor`.
 * @param units in which its sentences tell figures
 * @param last where the build still means what it meant then, however it is written now, what was worked out stands: the same object
 */
export function evaluateBuild(build: Build, kinds: Kinds, units: UnitHabit = 'metric', last?: WorkedOut): Evaluation {
  if (last && last.evaluation.units === units && meansTheSame(build, last.build)) return last.evaluation;
  const label: Labels = Object.assign((path: string) => fieldLabel(build, path), { units });
  const lines = build.lines.map((line) => walkLine(line, kinds, label, build.supply));
  const wished = wishChecks(build, lines, label);
  const checks = worstFirst([...joined(lines, (line) => line.checks), ...wished]);
  // The sentence is about the work first, then the jam; another check speaks only when it gives and the work does not.
  const headline = lines.map((line) => line.checks[0] as Check).sort(byVerdict)[0];
  const worst = checks[0];
  const other = worst && headline && worst.verdict === 'gives' && headline.verdict !== 'gives' ? worst.says : '';
  const notEntered = joined(lines, (line) => line.notEntered);
  return {
    units,
    lines,
    checks,
    verdict: worstVerdict(checks),
    says: headline ? [headline.says, other].filter(Boolean).join(' ') : 'Nothing is entered yet: begin with the motor.',
    jam: lines
      .map((line) => line.jam.says)
      .filter(Boolean)
      .join(' '),
    notWorkedOut: `${notEntered.length > 0 ? `Not entered: ${listed(notEntered)}. ` : ''}${never}`,
    cautions: joinedOnce(lines, (line) => line.cautions),
  };
}

const byVerdict = (a: Check, b: Check) => rankOf[b.verdict] - rankOf[a.verdict];

/** By verdict, then by how little is left. What they are sorted by is read once: a sort asks for it some hundreds of times. */
function worstFirst(checks: readonly Check[]): Check[] {
  return checks
    .map((check) => ({ check, rank: rankOf[check.verdict], left: check.margin?.worst ?? 0 }))
    .sort((a, b) => b.rank - a.rank || a.left - b.left)
    .map(({ check }) => check);
}

/** Most cures that are told of at once. */
const most = 2;

/**
 * What has been tried through the same evaluation and would do: for the work first, then for the worst of what gives or is close. Empty when nothing is
 * wrong or nothing near helps. Each try costs an evaluation: it is asked for when there is time.
 */
export function remedyFor(build: Build, kinds: Kinds, now: Evaluation): string {
  const work = now.lines.map((line) => line.checks[0]).find((check) => check?.verdict === 'gives' || check?.verdict === 'close');
  if (work) {
    // Enough is left and only a guess stands between: measuring is the cure, not a bigger motor.
    if (work.verdict === 'close' && (work.margin?.worst ?? 0) >= closeBelow) {
      const guesses = [...guessesUnder(work.has), ...guessesUnder(work.needs)];
      if (guesses.length > 0) return `To be sure, measure ${toMeasure(guesses.map((path) => fieldLabel(build, path)))}.`;
    }
    const cure = curesFor(work, build, kinds, now);
    if (cure) return cure;
  }
  for (const check of now.checks.filter((each) => each !== work && each.verdict === 'gives').slice(0, 3)) {
    const cure = curesFor(check, build, kinds, now);
    if (cure) return cure;
  }
  return '';
}

/** Of many guesses only the first are named: a list of ten is no advice. */
function toMeasure(labels: readonly string[]): string {
  if (labels.length <= mostNamed + 1) return listed(labels);
  return listed([...labels.slice(0, mostNamed), `${labels.length - mostNamed} more that are guessed`]);
}
const mostNamed = 3;

/** Tries what the kinds offer against a check, nearest size first, and speaks of the first of each field that holds. */
function curesFor(wanted: Check, build: Build, kinds: Kinds, now: Evaluation): string {
  const places = new Map(placesOf(build).map((place) => [place.path, place]));
  const isWork = now.lines.some((line) => line.checks[0]?.id === wanted.id);
  const name = wanted.id.slice(wanted.at.length + 1);
  const proved = new Map<string, string>();
  const typed = (path: string) => places.get(path)?.input?.text;
  for (const offer of now.lines.flatMap((line) => line.offers(typed))) {
    const path = `${offer.path}/${offer.field}`;
    const field = places.get(path)?.field;
    const meant = offer.cures === undefined ? isWork : offer.path === wanted.at && offer.cures === name;
    if (!meant || !field || proved.has(path) || proved.size === most) continue;
    const says = prove(offer, withInput(build, path, enter(field, offer.text, undefined).input), kinds, wanted.id, now, isWork);
    if (says) proved.set(path, says);
  }
  return proved.size === 0 ? '' : `${capital([...proved.values()].join(', or '))}.`;
}

function prove(offer: Offer, changed: Build, kinds: Kinds, id: string, before: Evaluation, isWork: boolean): string {
  const after = evaluateBuild(changed, kinds, before.units);
  const check = after.checks.find((each) => each.id === id);
  const was = before.checks.find((each) => each.id === id);
  if (!check?.margin || !was || !better(check, was, isWork) || worsened(after, before)) return '';
  return `${offer.says} would ${isWork ? 'carry it' : 'do'} with ${showShare(check.margin.worst)} left`;
}

/** A cure of the work must hold; one of another check must at least no longer give, since estimates never do better than close. */
const better = (after: Check, before: Check, isWork: boolean) =>
  after.verdict === 'holds' || (after.verdict === 'close' && before.verdict === 'gives' && (!isWork || (after.margin?.worst ?? 0) >= closeBelow));

/** A cure is none when it breaks something that did not give before. */
function worsened(after: Evaluation, before: Evaluation): boolean {
  const gave = new Set(before.checks.filter((check) => check.verdict === 'gives').map((check) => check.id));
  return after.checks.some((check) => check.verdict === 'gives' && !gave.has(check.id));
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
