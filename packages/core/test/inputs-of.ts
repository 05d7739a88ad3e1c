import fc from 'fast-check';
import type { Formula } from '../src/figure/formula.js';

/** A value of a stretch from a share of it, on a logarithm where the stretch spans decades, so that small values are tried as well as large ones. */
export const across = ([least, most]: readonly [number, number], t: number): number =>
  least > 0 ? least * (most / least) ** t : least + (most - least) * t ** 3;

/** A share, in a million steps: among doubles most are too small to mean anything. */
export const shareOf = () => fc.integer({ min: 0, max: 1_000_000 }).map((k) => k / 1_000_000);

/** Inputs spread over the range in which a formula is good, wherever it has an answer. */
export const inputsOf = (formula: Formula) => {
  const one = (valid: readonly [number, number]) => shareOf().map((t) => across(valid, t));
  const all = fc.record(Object.fromEntries(Object.entries(formula.inputs).map(([name, { valid }]) => [name, one(valid)])));
  return all.filter((numbers) => Number.isFinite(formula.compute(numbers)));
};
