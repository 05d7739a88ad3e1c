import { type FieldPath, type Figure, fixed, flag, picked, scaled, unknown } from '../../figure/figure.js';
import type { Unit } from '../../quantity/quantities.js';

/**
 * What several readings of the same thing come to: their mean, from the least to the most of them, since the thing itself goes up and down. Rows without a reading
 * are left out. Common practice, no source.
 * @param field to be named where there is no reading
 */
export function meanReading<U extends Unit>(unit: U, readings: readonly Figure<U>[], field: FieldPath): Figure<U> {
  const read = readings.filter((each) => each.known);
  const [first] = read;
  if (!first) return unknown(unit, [field]);
  if (read.length === 1) return first;
  const mean = scaled(picked('sum', unit, read), 1 / read.length, `Common practice, no source: the mean of ${read.length} readings`);
  const values = read.map(({ value }) => value);
  if (!mean.known || mean.value <= 0) return mean;
  const why = `Common practice, no source: from the least to the most of ${read.length} readings, since the work itself goes up and down`;
  return scaled(mean, fixed('1', 1, why, [Math.min(...values) / mean.value, Math.max(...values) / mean.value], flag.estimated), why);
}
