import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a calliper over the teeth reads.
 * @example timingOutside.compute({ d: 32.34, a: 0.254 }) // ≈ 31.83
 */
export const timingOutside = defineFormula({
  id: 'timing-outside',
  title: 'diameter of a timing pulley over its teeth',
  symbol: 'd_o',
  unit: 'mm',
  expr: 'd - 2 * a',
  source: 'ISO 5294, ISO 13050 (relation)',
  inputs: {
    d: inputSlot('mm', 'pitch diameter', [3, 5000]),
    a: inputSlot('mm', 'height of the pitch line over the teeth', [0.1, 3]),
  },
  compute: ({ d, a }) => d - 2 * a,
});
