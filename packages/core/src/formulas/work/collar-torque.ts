import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Friction of the collar or bearing that takes the force of a screw.
 * @example collarTorque.compute({ F: 6400, d: 40, f: 0.08 }) // 10.24
 */
export const collarTorque = defineFormula({
  id: 'collar-torque',
  title: 'torque of a collar',
  symbol: 'T_c',
  unit: 'N·m',
  expr: 'F * d * f / 2000',
  source: 'Shigley’s Mechanical Engineering Design, eq. 8-6',
  inputs: {
    F: inputSlot('N', 'force along the screw', [0.1, 1_000_000]),
    d: inputSlot('mm', 'mean diameter of the collar', [2, 300]),
    f: inputSlot('1', 'friction of the collar', [0.0005, 1]),
  },
  compute: ({ F, d, f }) => (F * d * f) / 2000,
});
