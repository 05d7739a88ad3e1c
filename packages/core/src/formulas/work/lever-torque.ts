import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Turn the tool by hand through its work and read the scale.
 * @example leverTorque.compute({ F: 30, a: 400 }) // 12
 */
export const leverTorque = defineFormula({
  id: 'lever-torque',
  title: 'torque by lever and scale',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * a / 1000',
  source: 'Definition of torque',
  inputs: {
    F: inputSlot('N', 'pull of the scale, square to the lever', [0.1, 10000]),
    a: inputSlot('mm', 'from the middle of the shaft to the scale', [10, 5000]),
  },
  compute: ({ F, a }) => (F * a) / 1000,
});
