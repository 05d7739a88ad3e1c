import { type Figure, flag, known, unknown } from '../figure/figure.js';
import type { Unit } from '../quantity/quantities.js';
import type { Input } from './build.js';

/**
 * What was entered in a field as a figure, a guess marked as one.
 * @param missing what is named where nothing was entered: the field itself, unless something else stands for it
 */
export function entryFigure<U extends Unit>(input: Input | undefined, unit: U, field: string, missing: readonly string[] = [field]): Figure<U> {
  if (input?.value === undefined) return unknown(unit, missing);
  const { value, low, high, how } = input;
  const range = low === undefined || high === undefined ? undefined : ([low, high] as const);
  return known(unit, value, { by: 'given', field }, range, how === 'guessed' ? flag.guessed | flag.unseen : 0);
}
