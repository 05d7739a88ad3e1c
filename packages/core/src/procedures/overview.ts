import type { Check } from '../checks/check.js';
import type { FieldPath } from '../figure/figure.js';
import type { Build, Line } from '../machine/build.js';
import { type Place, placesOf } from '../machine/paths.js';
import type { Sentence } from '../wording/sentence.js';
import type { EvaluatedLine } from './evaluate-build.js';
import { nameOf } from './headline.js';
import { fieldsThatDecide } from './unread.js';

/** Checks of a line as its first page tells them: the worst, and how many hold. */
export interface Attention {
  /** What does not hold, worst first, at most so many as were asked for. */
  readonly worst: readonly { readonly check: Check; readonly name: Sentence }[];
  /** How many more do not hold. */
  readonly more: number;
  /** How many hold, and that of them with the least left. */
  readonly holding: number;
  readonly nearest: { readonly check: Check; readonly name: Sentence } | null;
}

/** What of a line needs attention. @param most that are told one by one */
export function attentionOf(line: Line, { ledger }: EvaluatedLine, most = 5): Attention {
  const named = (check: Check) => ({ check, name: nameOf(check, line) });
  const bad = ledger.filter(({ verdict }) => verdict !== 'holds');
  const good = ledger.filter(({ verdict }) => verdict === 'holds');
  const nearest = good.find(({ margin }) => margin !== null);
  return {
    worst: bad.slice(0, most).map(named),
    more: Math.max(0, bad.length - most),
    holding: good.length,
    nearest: nearest ? named(nearest) : null,
  };
}

/** A field that is missing, and the checks that wait for it. */
export interface NextStep {
  readonly path: FieldPath;
  readonly label: string;
  /** How it is looked at or measured. */
  readonly measure: string;
  /** Names of the checks that it would settle, or help to. */
  readonly settles: readonly Sentence[];
}

/**
 * What is missing of a line and what each entry would settle: first what the work itself waits for, then what the most checks wait for.
 * @param build that the line is of
 */
export function nextSteps(build: Build, line: Line, { ledger, checks }: EvaluatedLine): readonly NextStep[] {
  const places = new Map<FieldPath, Place>(placesOf(build).map((place) => [place.path, place]));
  const waiting = new Map<FieldPath, Check[]>();
  for (const check of ledger) {
    for (const path of fieldsThatDecide(build, [check])) waiting.set(path, [...(waiting.get(path) ?? []), check]);
  }
  const isOfWork = (all: readonly Check[]) => all.some(({ id }) => id === checks[0]?.id);
  return [...waiting]
    .sort(([, a], [, b]) => Number(isOfWork(b)) - Number(isOfWork(a)) || b.length - a.length)
    .flatMap(([path, all]) => {
      const place = places.get(path);
      return place ? [{ path, label: place.field.label, measure: place.field.measure, settles: all.map((check) => nameOf(check, line)) }] : [];
    });
}
