import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example evenRunUp.compute({ J: 0.012, n: 1425, T_s: 6 }) // ≈ 0.298
 */
export const evenRunUp = defineFormula({
  id: 'even-run-up',
  title: 'time to run up at an even surplus',
  symbol: 't',
  unit: 's',
  expr: 'pi * J * n / (30 * T_s)',
  source: 'Newton’s second law (closed form)',
  inputs: {
    J: inputSlot('kg·m²', 'all that spins, as the motor feels it', [0.000001, 1000]),
    n: inputSlot('rpm', 'speed to reach', [1, 30000]),
    T_s: inputSlot('N·m', 'what the motor has over the load', [0.001, 10000]),
  },
  compute: ({ J, n, T_s }) => (Math.PI * J * n) / (30 * T_s),
});
