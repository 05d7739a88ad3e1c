import type { Check, Evaluation } from '@hobrek/core';

const found = new WeakMap<Evaluation, ReadonlyMap<string, Check>>();

/** The check of an id, in the words of its own line; indexed once for an evaluation, since every row of the ledger asks at every key. */
export function checkOf(evaluation: Evaluation, id: string): Check | undefined {
  const checks = found.get(evaluation) ?? new Map(evaluation.lines.flatMap(({ ledger }) => ledger.map((check) => [check.id, check])));
  found.set(evaluation, checks);
  return checks.get(id);
}
