import { type Check, closeBelow, type Verdict, verdicts, worstVerdict } from '../checks/check.js';
import { guessesUnder } from '../figure/figure.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { enter } from '../machine/enter.js';
import { fieldLabel, placesOf, withInput } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { showShare } from '../quantity/show.js';
import { type Offer, type WalkedLine, walkLine } from './walk-line.js';

/** Number of the engine that made an evaluation; a cached verdict with another number is worked out again. */
export const engineVersion = 1;

export interface Evaluation {
  readonly lines: readonly WalkedLine[];
  /** Every check, worst first. */
  readonly checks: readonly Check[];
  readonly verdict: Verdict;
  /** The sentence over the whole. */
  readonly says: string;
  /** What has been tried through the same evaluation and would do. Empty when nothing is wrong or nothing near helps. */
  readonly remedy: string;
  /** What the answer does not cover. */
  readonly notWorkedOut: string;
}

const notWorkedOut = 'Not worked out yet: whether it starts, what gives first in a jam, shafts and bearings.';

/** Works a build out: pure and synchronous once its kinds are loaded. */
export function evaluateBuild(build: Build, kinds: Kinds): Evaluation {
  const evaluation = evaluateOnly(build, kinds);
  return { ...evaluation, remedy: remedyFor(build, kinds, evaluation) };
}

function evaluateOnly(build: Build, kinds: Kinds): Evaluation {
  const lines = build.lines.map((line) => walkLine(line, kinds, (path) => fieldLabel(build, path)));
  const checks = lines.flatMap((line) => line.checks).sort(worstFirst);
  // The sentence is about the work first; another check speaks only when it is worse.
  const headline = lines.map((line) => line.checks[0] as Check).sort(byVerdict)[0];
  const worst = checks[0];
  const other = worst && headline && byVerdict(worst, headline) < 0 && worst.verdict !== 'unknown' ? ` ${worst.says}` : '';
  return {
    lines,
    checks,
    verdict: worstVerdict(checks),
    says: headline ? headline.says + other : 'Nothing is entered yet: begin with the motor.',
    remedy: '',
    notWorkedOut,
  };
}

const byVerdict = (a: Check, b: Check) => verdicts.indexOf(b.verdict) - verdicts.indexOf(a.verdict);

function worstFirst(a: Check, b: Check): number {
  return byVerdict(a, b) || (a.margin?.worst ?? 0) - (b.margin?.worst ?? 0);
}

/** Tries what the kinds offer, nearest size first, and speaks of the first of each that holds. */
function remedyFor(build: Build, kinds: Kinds, now: Evaluation): string {
  const wanted = now.lines.map((line) => line.checks[0]).find((check) => check?.verdict === 'gives' || check?.verdict === 'close');
  if (!wanted) return '';
  // Enough is left and only a guess stands between: measuring is the cure, not a bigger motor.
  if (wanted.verdict === 'close' && (wanted.margin?.worst ?? 0) >= closeBelow) {
    const guesses = [...guessesUnder(wanted.has), ...guessesUnder(wanted.needs)];
    return guesses.length === 0 ? '' : `To be sure, measure ${listed(guesses.map((path) => fieldLabel(build, path)))}.`;
  }
  const places = new Map(placesOf(build).map((place) => [place.path, place]));
  const proved = new Map<string, string>();
  for (const offer of now.lines.flatMap((line) => line.offers)) {
    const path = `${offer.path}/${offer.field}`;
    const field = places.get(path)?.field;
    if (!field || proved.has(path)) continue;
    const says = prove(offer, withInput(build, path, enter(field, offer.text, undefined).input), kinds, wanted.id, now.verdict);
    if (says) proved.set(path, says);
  }
  return proved.size === 0 ? '' : `${capital([...proved.values()].join(', or '))}.`;
}

function prove(offer: Offer, changed: Build, kinds: Kinds, id: string, before: Verdict): string {
  const after = evaluateOnly(changed, kinds);
  const check = after.checks.find((each) => each.id === id);
  if (check?.verdict !== 'holds' || !check.margin || verdicts.indexOf(after.verdict) > verdicts.indexOf(before)) return '';
  return `${offer.says} would carry it with ${showShare(check.margin.worst)} left`;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
