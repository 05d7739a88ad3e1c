import { elementsOf, type Line, type Verdict, worstVerdict } from '@hobrek/core';
import type { DerivedState } from './state.js';
import { elementsAt, type Stop } from './stop.js';

/** The worst verdict of the checks that are at some paths; null where there is none. */
export function worstAt({ evaluation }: Pick<DerivedState, 'evaluation'>, isAt: (path: string) => boolean): Verdict | null {
  const checks = evaluation.lines.flatMap(({ ledger }) => ledger.filter(({ at }) => isAt(at)));
  return checks.length === 0 ? null : worstVerdict(checks);
}

/** The worst verdict of what is entered at a stop; null where nothing of it is entered yet. */
export function worstOf(derived: DerivedState, line: Line, stop: Pick<Stop, 'of'>): Verdict | null {
  const paths = new Set(elementsAt(stop, line));
  const isBegun = elementsOf(line).some(({ path, element }) => paths.has(path) && Object.values(element.inputs).some((input) => input?.text));
  return isBegun ? worstAt(derived, (at) => paths.has(at)) : null;
}
