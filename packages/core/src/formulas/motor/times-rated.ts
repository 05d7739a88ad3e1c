import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque at rest and the most torque are given as multiples.
 * @example timesRated.compute({ k: 2.5, T_n: 10 }) // 25
 */
export const timesRated = defineFormula({
  id: 'times-rated',
  title: 'torque as a multiple of the rated one',
  symbol: 'T',
  unit: 'N·m',
  expr: 'k * T_n',
  source: 'Definition of the ratio',
  inputs: {
    k: inputSlot('1', 'multiple', [0.1, 12]),
    T_n: inputSlot('N·m', 'rated torque', [0.001, 1000000.0]),
  },
  compute: ({ k, T_n }) => k * T_n,
});
