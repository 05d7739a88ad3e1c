import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Ten kilos for long, thirty for a moment.
 * @example crankTorque.compute({ F: 80, r: 300 }) // 24
 */
export const crankTorque = defineFormula({
  id: 'crank-torque',
  title: 'torque of a hand crank',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * r / 1000',
  source: 'Definition of torque',
  inputs: {
    F: inputSlot('N', 'force on the handle', [1, 1000]),
    r: inputSlot('mm', 'from the shaft to the handle', [30, 1000]),
  },
  compute: ({ F, r }) => (F * r) / 1000,
});
