import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Teeth or cords, whichever: both are made for some times the pull that lasts.
 * @example strippingTorque.compute({ s: 6, F_a: 244, d: 60 }) // ≈ 43.9
 */
export const strippingTorque = defineFormula({
  id: 'stripping-torque',
  title: 'torque at which a timing belt is torn',
  symbol: 'T',
  unit: 'N·m',
  expr: 's * F_a * d / 2000',
  source: 'Definition of torque; common practice, no source: a timing belt tears at four to eight times the pull that it carries for years',
  inputs: {
    s: inputSlot('1', 'times the pull that lasts', [2, 12]),
    F_a: inputSlot('N', 'pull it carries for years', [0, 60000]),
    d: inputSlot('mm', 'pitch diameter of the driving pulley', [3, 5000]),
  },
  compute: ({ s, F_a, d }) => (s * F_a * d) / 2000,
});
