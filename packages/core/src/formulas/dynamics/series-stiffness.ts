import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Two springs one after the other twist by as much as both together.
 * @example seriesStiffness.compute({ a: 1000, b: 3000 }) // 750
 */
export const seriesStiffness = defineFormula({
  id: 'series-stiffness',
  title: 'stiffness of two parts in a row',
  symbol: 'k',
  unit: 'N·m/rad',
  expr: 'a * b / (a + b)',
  source: 'Springs in series (closed form)',
  inputs: {
    a: inputSlot('N·m/rad', 'stiffness of the one', [0.001, 1e12]),
    b: inputSlot('N·m/rad', 'stiffness of the other', [0.001, 1e12]),
  },
  compute: ({ a, b }) => (a * b) / (a + b),
});
