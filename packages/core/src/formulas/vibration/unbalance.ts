import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What is out of balance: a mass by how far it is from the axis.
 * @example unbalance.compute({ m: 0.9, e: 45 }) // 40.5
 */
export const unbalance = defineFormula({
  id: 'unbalance',
  title: 'unbalance',
  symbol: 'U',
  unit: 'kg·mm',
  expr: 'm * e',
  source: 'ISO 21940-1 (definition)',
  inputs: { m: inputSlot('kg', 'mass', [0.0005, 10_000]), e: inputSlot('mm', 'how far it is from the axis', [0, 500]) },
  compute: ({ m, e }) => m * e,
});
