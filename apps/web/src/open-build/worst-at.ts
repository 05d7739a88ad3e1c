import { type Verdict, worstVerdict } from '@hobrek/core';
import type { DerivedState } from './state.js';

/** The worst verdict of the checks that are at some of the elements; null where there is none. */
export function worstAt({ evaluation }: DerivedState, isAt: (path: string) => boolean): Verdict | null {
  const checks = evaluation.lines.flatMap(({ ledger }) => ledger.filter(({ at }) => isAt(at)));
  return checks.length === 0 ? null : worstVerdict(checks);
}
