import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The largest thing that two rolls of one size draw in between them.
 * @example rollGrip.compute({ D: 100, s: 0, mu: 0.75 }) // 25
 */
export const rollGrip = defineFormula({
  id: 'roll-grip',
  title: 'largest that two rolls draw in',
  symbol: 'd',
  unit: 'mm',
  expr: '(D + s) * sqrt(1 + mu^2) - D',
  source: 'Coulson & Richardson, Chemical Engineering vol. 2 (from memory): angle of nip of crushing rolls, held against friction',
  inputs: {
    D: inputSlot('mm', 'diameter of a roll', [20, 1500]),
    s: inputSlot('mm', 'gap between the rolls', [0, 100]),
    mu: inputSlot('1', 'friction on the rolls', [0.05, 1.5]),
  },
  compute: ({ D, s, mu }) => (D + s) * Math.sqrt(1 + mu ** 2) - D,
});
