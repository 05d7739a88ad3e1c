import { type Figure, flag, highEnd, type Known, lowEnd } from '../figure/figure.js';
import { margin } from '../formulas/transmission/margin.js';
import type { Unit } from '../quantity/quantities.js';
import { type Sentence, sentence, type Told } from '../wording/sentence.js';
import type { CheckOutput } from './check-output.js';
import type { Verdict } from './verdict.js';

/** A limit held against what it has to withstand. Plain data: its sentence is put into words by whoever shows it. */
export interface Check<U extends Unit = Unit> {
  readonly id: string;
  /** Path of the element it belongs to. */
  readonly at: string;
  readonly verdict: Verdict;
  readonly has: Figure<U>;
  readonly needs: Figure<U>;
  /** Share of the limit that is left, at the ends that hurt and as likely; null when unknown. */
  readonly margin: { readonly worst: number; readonly likely: number; readonly best: number } | null;
  readonly says: Sentence;
  readonly source: string;
}

export type Margin = NonNullable<Check['margin']>;

/** What a check is made from, beside how it is declared. */
export interface BothSides<U extends Unit> {
  readonly has: Figure<U>;
  readonly needs: Figure<NoInfer<U>>;
  /** Where the source hangs on what was entered. */
  readonly source?: string;
  /** Best verdict this check can earn, however much is left. */
  readonly best?: 'close' | undefined;
  /** Share of the limit below which it is close, where that hangs on what was entered. */
  readonly closeBelow?: number;
}

export interface Held<U extends Unit> extends BothSides<U> {
  /** What the sentence tells beside both figures. */
  readonly tells?: Readonly<Record<string, Told>>;
}

/** Less than this share of the limit left is `close`. */
export const closeBelow = 0.2;

/**
 * Holds what is needed against a limit. The verdict takes the ends that hurt: the least the limit may be against the most that may be needed.
 * Outside a formula's valid range, or resting on a guess, the best verdict is `close`. What is missing is named.
 * @param id of the check, and `at` the path of its element
 * @param declared subject, sentences, source and threshold, as its kind declares them
 */
export function hold<U extends Unit>(
  id: string,
  at: string,
  declared: CheckOutput,
  { has, needs, tells, source = declared.source, best, closeBelow: near = declared.closeBelow ?? closeBelow }: Held<U>,
): Check<U> {
  if (!has.known || !needs.known) {
    const says = notKnownYet(declared.subject, [has, needs], tells);
    return { id, at, verdict: 'unknown', has, needs, margin: null, says, source };
  }
  const left: Margin = {
    worst: shareLeft(lowEnd(has), highEnd(needs)),
    likely: shareLeft(has.value, needs.value),
    best: shareLeft(highEnd(has), lowEnd(needs)),
  };
  const judged = verdictOf(left.worst, has.flags | needs.flags, near);
  const verdict = best && judged === 'holds' ? best : judged;
  const reserve = reserveTold(has, left.worst);
  const figures = tells ? { has, needs, reserve, ...tells } : { has, needs, reserve };
  return { id, at, verdict, has, needs, margin: left, says: { template: templateOf(declared, verdict, left), figures, verdict }, source };
}

const reserveTold = (has: Known, worst: number): Told => (lowEnd(has) <= 0 && worst < 0 ? 'overloaded' : { left: worst });

/** The sentence for a verdict: what fails only where guesses turn out badly may fail. */
function templateOf({ says }: CheckOutput, verdict: Verdict, { best }: Margin): string {
  if (typeof says === 'string') return says;
  if (verdict === 'fails') return best >= 0 ? (says.may ?? says.fails) : says.fails;
  return verdict === 'close' ? (says.close ?? says.holds) : says.holds;
}

/** Of a limit that is used up or worse, a share means nothing: overloaded by all of it, and by how much more in shares of what is needed. */
function shareLeft(has: number, needs: number): number {
  if (has > 0) return margin.compute({ has, needs });
  return needs > has ? -1 - (needs - has) / Math.max(needs, -has) : 0;
}

/** Arithmetic alone must not turn a limit that is exactly met into one that is passed. */
const rounding = 1e-12;

const anyDoubt = flag.outsideValid | flag.guessed | flag.estimated;

function verdictOf(worst: number, flags: number, near: number): Verdict {
  if (worst < -rounding) return 'fails';
  return worst < near - rounding || flags & anyDoubt ? 'close' : 'holds';
}

function notKnownYet(subject: string, figures: readonly Figure[], tells: Held<Unit>['tells'] = {}): Sentence {
  const of: Readonly<Record<string, Told>> = { ...tells, subject: sentence(subject, tells) };
  const fields = [...new Set(figures.flatMap((figure) => (figure.known ? [] : figure.missing)))];
  if (fields.length > 0)
    return { template: '{subject} is not known yet: enter {missing}', figures: { ...of, missing: { fields } }, verdict: 'unknown' };
  const [first, other] = figures.flatMap((figure) => (figure.known || !figure.because ? [] : [figure.because]));
  const why = first === undefined ? 'it has no value here' : other === undefined ? first : sentence('{first}; {other}', { first, other });
  return { template: '{subject} is not known yet: {why}', figures: { ...of, why }, verdict: 'unknown' };
}
