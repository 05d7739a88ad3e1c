import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Rate of all springs together, by how far they deflect under a load: one that is put on, or all that hangs on them.
 * @example springByDrop.compute({ m: 5.5, s: 50.8 }) // ≈ 1.0617
 */
export const springByDrop = defineFormula({
  id: 'spring-by-drop',
  title: 'rate of springs by a load',
  symbol: 'k',
  unit: 'N/mm',
  expr: '9.80665 * m / s',
  source: 'Definition of a spring rate, and of weight',
  inputs: { m: inputSlot('kg', 'mass of the load', [0.01, 5000]), s: inputSlot('mm', 'how far they deflect under it', [0.1, 500]) },
  compute: ({ m, s }) => (9.80665 * m) / s,
});
