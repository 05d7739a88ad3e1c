import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Twice a turn it runs ahead, twice behind.
 * @example cardanFastest.compute({ n: 500, beta: 0.2618 }) // ≈ 517.6
 */
export const cardanFastest = defineFormula({
  id: 'cardan-fastest',
  title: 'fastest of the driven shaft behind one universal joint',
  symbol: 'n_max',
  unit: 'rpm',
  expr: 'n / cos(beta)',
  source: 'Kinematics of the universal joint (closed form)',
  inputs: {
    n: inputSlot('rpm', 'speed of the driving shaft', [0, 30000]),
    beta: inputSlot('rad', 'angle between the shafts', [0, 0.79]),
  },
  compute: ({ n, beta }) => n / Math.cos(beta),
});
