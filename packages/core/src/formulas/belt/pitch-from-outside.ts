import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The cords run a little below the rim.
 * @example pitchFromOutside.compute({ d_a: 80.5, h: 5.5 }) // 75
 */
export const pitchFromOutside = defineFormula({
  id: 'pitch-from-outside',
  title: 'pitch diameter from the outside',
  symbol: 'd',
  unit: 'mm',
  expr: 'd_a - h',
  source: 'ISO 4183, outside less twice the least depth above the pitch line (from memory)',
  inputs: {
    d_a: inputSlot('mm', 'outside diameter', [10, 5000]),
    h: inputSlot('mm', 'outside less pitch diameter', [0, 40]),
  },
  compute: ({ d_a, h }) => d_a - h,
});
