import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example toothForce.compute({ T: 8, d: 36 }) // ≈ 444.4
 */
export const toothForce = defineFormula({
  id: 'tooth-force',
  title: 'force on the teeth along the pitch circle',
  symbol: 'W_t',
  unit: 'N',
  expr: '2000 * T / d',
  source: 'Definition of torque',
  inputs: {
    T: inputSlot('N·m', 'torque at that gear', [0, 100000]),
    d: inputSlot('mm', 'its pitch diameter', [1, 5000]),
  },
  compute: ({ T, d }) => (2000 * T) / d,
});
