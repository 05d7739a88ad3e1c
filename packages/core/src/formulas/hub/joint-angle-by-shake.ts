import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Twice a turn one joint speeds up and slows down what is behind it by β²ω².
 * @example jointAngleByShake.compute({ a: 1250, n: 1500 }) // ≈ 0.2251
 */
export const jointAngleByShake = defineFormula({
  id: 'joint-angle-by-shake',
  title: 'angle at which one universal joint shakes as much as it may',
  symbol: 'beta_2',
  unit: 'rad',
  expr: '30 * sqrt(a) / (pi * n)',
  source: 'Kinematics of the universal joint (closed form for small angles): angular acceleration β²ω²',
  inputs: {
    a: inputSlot('1', 'angular acceleration allowed, rad/s²', [100, 10000]),
    n: inputSlot('rpm', 'speed', [1, 10000]),
  },
  compute: ({ a, n }) => (30 * Math.sqrt(a)) / (Math.PI * n),
});
