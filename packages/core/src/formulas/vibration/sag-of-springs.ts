import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How far springs sag under all that hangs on them.
 * @example sagOfSprings.compute({ k: 4, M: 12 }) // ≈ 29.42
 */
export const sagOfSprings = defineFormula({
  id: 'sag-of-springs',
  title: 'sag under all that hangs',
  symbol: 's',
  unit: 'mm',
  expr: '9.80665 * M / k',
  source: 'Definition of a spring rate, and of weight',
  inputs: { k: inputSlot('N/mm', 'rate of all springs', [0.01, 10_000]), M: inputSlot('kg', 'all that hangs', [0.05, 10_000]) },
  compute: ({ k, M }) => (9.80665 * M) / k,
});
