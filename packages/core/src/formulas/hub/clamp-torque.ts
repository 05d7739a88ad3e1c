import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A split hub closed by screws across it.
 * @example clampTorque.compute({ mu: 0.15, F: 9000, d: 25 }) // ≈ 53.01
 */
export const clampTorque = defineFormula({
  id: 'clamp-torque',
  title: 'torque that a clamped hub holds',
  symbol: 'T',
  unit: 'N·m',
  expr: 'pi / 2 * mu * F * d / 1000',
  source: 'Even pressure round a split hub (closed form)',
  inputs: {
    mu: inputSlot('1', 'friction of hub on shaft', [0.05, 0.4]),
    F: inputSlot('N', 'force of the clamping screws', [10, 200000]),
    d: inputSlot('mm', 'diameter of the shaft', [3, 150]),
  },
  compute: ({ mu, F, d }) => ((Math.PI / 2) * mu * F * d) / 1000,
});
