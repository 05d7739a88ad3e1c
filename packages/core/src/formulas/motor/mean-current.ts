import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Mean of a current that heats as much as a steady one: torque goes with the mean, heat with the square.
 * @example meanCurrent.compute({ I: 10, F: 1.35 }) // ≈ 7.407
 */
export const meanCurrent = defineFormula({
  id: 'mean-current',
  title: 'mean current at the same heat',
  symbol: 'I_m',
  unit: 'A',
  expr: 'I / F',
  source: 'Definition of the form factor: effective value over mean',
  inputs: {
    I: inputSlot('A', 'steady current', [0, 2000]),
    F: inputSlot('1', 'form factor', [1, 3]),
  },
  compute: ({ I, F }) => I / F,
});
