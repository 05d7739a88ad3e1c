import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Against a drag that stays the same and one that goes with the square of the speed.
 * @example runDown.compute({ J: 0.02, n: 3000, T_c: 0.15, T_w: 0.394784 }) // ≈ 26.295
 */
export const runDown = defineFormula({
  id: 'run-down',
  title: 'time to run down to standstill',
  symbol: 't',
  unit: 's',
  expr: 'pi * J * n / (30 * sqrt(T_c * T_w)) * atan(sqrt(T_w / T_c))',
  source: 'Newton’s second law (closed form)',
  inputs: {
    J: inputSlot('kg·m²', 'all that spins, as one shaft feels it', [0.000001, 1000]),
    n: inputSlot('rpm', 'speed it runs down from', [1, 30000]),
    T_c: inputSlot('N·m', 'drag that stays the same: bearings, belts, brushes', [0.0001, 10000]),
    T_w: inputSlot('N·m', 'drag of the air at that speed', [0.0001, 10000]),
  },
  compute: ({ J, n, T_c, T_w }) => ((Math.PI * J * n) / (30 * Math.sqrt(T_c * T_w))) * Math.atan(Math.sqrt(T_w / T_c)),
});
