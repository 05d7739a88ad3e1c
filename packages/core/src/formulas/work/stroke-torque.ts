import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Mean torque of a knife while it is in a branch: its energy over the turn in which it crosses it.
 * @example strokeTorque.compute({ E: 75.4, D: 256, d: 40 }) // ≈ 241.3
 */
export const strokeTorque = defineFormula({
  id: 'stroke-torque',
  title: 'torque of one stroke of a knife',
  symbol: 'T',
  unit: 'N·m',
  expr: 'E * D / (2 * d)',
  source: 'Work over the angle in which it is done (closed form)',
  inputs: {
    E: inputSlot('J', 'energy of the stroke', [0.01, 10_000]),
    D: inputSlot('mm', 'diameter at which the knife cuts', [20, 2000]),
    d: inputSlot('mm', 'diameter of the branch', [2, 400]),
  },
  compute: ({ E, D, d }) => (E * D) / (2 * d),
});
