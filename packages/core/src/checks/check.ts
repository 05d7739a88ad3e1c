import { type Figure, flag, highEnd, type Known, lowEnd } from '../figure/figure.js';
import { margin } from '../formulas/transmission/margin.js';
import { listed } from '../quantity/listed.js';
import type { Unit } from '../quantity/quantities.js';
import { show, type UnitHabit } from '../quantity/show.js';

/** From best to worst; `unknown` ranks with what must be looked at, below what gives. */
export const verdicts = ['holds', 'close', 'unknown', 'gives'] as const;
export type Verdict = (typeof verdicts)[number];

/** Where a verdict stands from best to worst. */
export const rankOf: Readonly<Record<Verdict, number>> = { holds: 0, close: 1, unknown: 2, gives: 3 };

export interface Check<U extends Unit = Unit> {
  readonly id: string;
  /** Path of the element it belongs to. */
  readonly at: string;
  readonly verdict: Verdict;
  readonly has: Figure<U>;
  readonly needs: Figure<U>;
  /** Share of the limit that is left, at the ends that hurt and as likely; null when unknown. */
  readonly margin: { readonly worst: number; readonly likely: number; readonly best: number } | null;
  readonly says: string;
  readonly source: string;
}

export type Margin = NonNullable<Check['margin']>;

/** What fields are called in the sentences of a build, and in which units figures are told there. */
export interface Labels {
  (path: string): string;
  readonly units: UnitHabit;
}

interface Held<U extends Unit> {
  readonly id: string;
  readonly at: string;
  readonly subject: string;
  readonly has: Figure<U>;
  readonly needs: Figure<U>;
  /** The sentence, from both figures as text, without its full stop. */
  readonly says: (shown: { has: string; needs: string; verdict: Verdict; margin: Margin }) => string;
  readonly source: string;
  readonly label: Labels;
  /** Best verdict this check can earn, however much is left. */
  readonly best?: 'close';
  /** Share of the limit below which it is close; a fifth, where a thing could break. */
  readonly closeBelow?: number;
}

/** Less than this share of the limit left is `close`. */
export const closeBelow = 0.2;

/**
 * Holds what is asked against a limit. The verdict takes the ends that hurt: the least the limit may be against the most that may be asked.
 * Outside a formula's valid range, or resting on a guess, the best verdict is `close`. What is missing is named.
 */
export function hold<U extends Unit>({ id, at, subject, has, needs, says, source, label, best, closeBelow: near = closeBelow }: Held<U>): Check<U> {
  if (!has.known || !needs.known) {
    return { id, at, has, needs, source, verdict: 'unknown', margin: null, says: `${subject} is not known yet: ${whyUnknown([has, needs], label)}.` };
  }
  const left: Margin = {
    worst: shareLeft(lowEnd(has), highEnd(needs)),
    likely: shareLeft(has.value, needs.value),
    best: shareLeft(highEnd(has), lowEnd(needs)),
  };
  const judged = verdictOf(left.worst, has.flags | needs.flags, near);
  const verdict = best && judged === 'holds' ? best : judged;
  return new Judged(id, at, verdict, has, needs, left, source, says, label.units);
}

/** A check of known figures. A class, since there are many: its sentence is made when someone reads it, and a search tries many builds and reads few. */
class Judged<U extends Unit> implements Check<U> {
  #sentence: string | undefined;
  readonly #inWords: Held<U>['says'];
  readonly #units: UnitHabit;

  constructor(
    readonly id: string,
    readonly at: string,
    readonly verdict: Verdict,
    readonly has: Known<U>,
    readonly needs: Known<U>,
    readonly margin: Margin,
    readonly source: string,
    inWords: Held<U>['says'],
    units: UnitHabit,
  ) {
    this.#units = units;
    this.#inWords = inWords;
  }

  get says(): string {
    const { has, needs, verdict, margin: left } = this;
    this.#sentence ??= `${this.#inWords({ has: show(has.value, has.unit, this.#units), needs: show(needs.value, needs.unit, this.#units), verdict, margin: left })}.`;
    return this.#sentence;
  }

  /** All of it, the sentence too. */
  toJSON(): Check<U> {
    const { id, at, verdict, has, needs, margin: left, says, source } = this;
    return { id, at, verdict, has, needs, margin: left, says, source };
  }
}

/** Of a limit that is used up or worse, a share means nothing: short by all of it, and by how much more in shares of what is asked. */
function shareLeft(has: number, needs: number): number {
  if (has > 0) return margin.compute({ has, needs });
  return needs > has ? -1 - (needs - has) / Math.max(needs, -has) : 0;
}

/** Arithmetic alone must not turn a limit that is exactly met into one that is passed. */
const rounding = 1e-12;

const anyDoubt = flag.outsideValid | flag.guessed | flag.estimated;

function verdictOf(worst: number, flags: number, near: number): Verdict {
  if (worst < -rounding) return 'gives';
  return worst < near - rounding || flags & anyDoubt ? 'close' : 'holds';
}

function whyUnknown(figures: readonly Figure[], label: (path: string) => string): string {
  const missing = new Set(figures.flatMap((figure) => (figure.known ? [] : figure.missing)));
  if (missing.size > 0) return `enter ${listed([...missing].map(label))}`;
  return figures.flatMap((figure) => (figure.known || !figure.because ? [] : [figure.because])).join('; ') || 'it has no value here';
}

/** The worst of several verdicts; nothing to judge is `unknown`. */
export function worstVerdict(checks: readonly Pick<Check, 'verdict'>[]): Verdict {
  if (checks.length === 0) return 'unknown';
  let worst: Verdict = 'holds';
  for (const { verdict } of checks) if (rankOf[verdict] > rankOf[worst]) worst = verdict;
  return worst;
}
