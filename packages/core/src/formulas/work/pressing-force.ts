import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force of a plate that presses with a pressure.
 * @example pressingForce.compute({ p: 5, A: 100000 }) // 50000
 */
export const pressingForce = defineFormula({
  id: 'pressing-force',
  title: 'force by pressure and area',
  symbol: 'F',
  unit: 'N',
  expr: 'p * A / 10',
  source: 'Definition of pressure',
  inputs: { p: inputSlot('bar', 'pressure', [0.01, 2000]), A: inputSlot('mm²', 'area that is pressed', [10, 10_000_000]) },
  compute: ({ p, A }) => (p * A) / 10,
});
