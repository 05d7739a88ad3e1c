import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of what is pressed on something that turns.
 * @example rubbingTorque.compute({ F: 25, mu: 0.4, D: 200 }) // 1
 */
export const rubbingTorque = defineFormula({
  id: 'rubbing-torque',
  title: 'torque of what is pressed on',
  symbol: 'T',
  unit: 'N·m',
  expr: 'F * mu * D / 2000',
  source: 'Closed form: friction by radius',
  inputs: {
    F: inputSlot('N', 'force that presses', [0.1, 2000]),
    mu: inputSlot('1', 'drag over that force', [0.05, 1.5]),
    D: inputSlot('mm', 'diameter where it is pressed on', [5, 1500]),
  },
  compute: ({ F, mu, D }) => (F * mu * D) / 2000,
});
