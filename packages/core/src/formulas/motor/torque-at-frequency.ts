import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What another frequency leaves of a torque at the same voltage: with its square at breakdown, with its cube at rest.
 * @example torqueAtFrequency.compute({ T_n: 25, f_n: 50, f: 80, k: 2 }) // ≈ 9.77
 */
export const torqueAtFrequency = defineFormula({
  id: 'torque-at-frequency',
  title: 'torque at the wall’s frequency',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_n * (f_n / f)^k',
  source: 'Textbooks on electric machines (relation): breakdown torque goes with (V/f)², and its slip with 1/f, so that at rest it is the cube',
  inputs: {
    T_n: inputSlot('N·m', 'torque at the rated frequency', [0.001, 1000000.0]),
    f_n: inputSlot('Hz', 'rated frequency', [10, 400]),
    f: inputSlot('Hz', 'frequency of the wall', [10, 400]),
    k: inputSlot('1', 'exponent: 2 at breakdown, 3 at rest', [2, 3]),
  },
  compute: ({ T_n, f_n, f, k }) => T_n * (f_n / f) ** k,
});
