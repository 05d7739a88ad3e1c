import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example cardanSlowest.compute({ n: 500, beta: 0.2618 }) // ≈ 483.0
 */
export const cardanSlowest = defineFormula({
  id: 'cardan-slowest',
  title: 'slowest of the driven shaft behind one universal joint',
  symbol: 'n_min',
  unit: 'rpm',
  expr: 'n * cos(beta)',
  source: 'Kinematics of the universal joint (closed form)',
  inputs: {
    n: inputSlot('rpm', 'speed of the driving shaft', [0, 30000]),
    beta: inputSlot('rad', 'angle between the shafts', [0, 0.79]),
  },
  compute: ({ n, beta }) => n * Math.cos(beta),
});
