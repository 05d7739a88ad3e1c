import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Of all driven wheels together.
 * @example wheelTorque.compute({ F: 451.77, D: 400 }) // ≈ 90.35
 */
export const wheelTorque = defineFormula({
  id: 'wheel-torque',
  title: 'torque on the axle for a force at the rim',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * D / 2000',
  source: 'Definition of torque',
  inputs: {
    F: inputSlot('N', 'force at the rim', [0, 200_000]),
    D: inputSlot('mm', 'diameter of the wheel', [20, 3_000]),
  },
  compute: ({ F, D }) => (F * D) / 2000,
});
