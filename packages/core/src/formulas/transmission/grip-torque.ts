import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A driven wheel on the ground.
 * @example gripTorque.compute({ mu: 0.6, N: 1100, D: 400 }) // 132
 */
export const gripTorque = defineFormula({
  id: 'grip-torque',
  title: 'torque at which a wheel spins',
  symbol: 'T',
  unit: 'N·m',
  expr: 'mu * N * D / 2000',
  source: 'Coulomb friction (closed form)',
  inputs: {
    mu: inputSlot('1', 'grip', [0.02, 1.5]),
    N: inputSlot('N', 'load on the driven wheels', [1, 100000]),
    D: inputSlot('mm', 'diameter of the wheel', [20, 3000]),
  },
  compute: ({ mu, N, D }) => (mu * N * D) / 2000,
});
