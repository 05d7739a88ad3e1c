import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Heat in a winding.
 * @example copperHeat.compute({ I: 10, R: 0.8 }) // 80
 */
export const copperHeat = defineFormula({
  id: 'copper-heat',
  title: 'heat in the winding',
  symbol: 'P',
  unit: 'W',
  expr: 'I^2 * R',
  source: 'Joule’s law',
  inputs: {
    I: inputSlot('A', 'current, its effective value', [0, 2000]),
    R: inputSlot('Ω', 'resistance of the winding', [0, 500]),
  },
  compute: ({ I, R }) => I ** 2 * R,
});
