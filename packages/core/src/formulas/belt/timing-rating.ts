import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What flies outward is taken from what may pull; where that takes all of it, the belt is good for nothing.
 * @example timingRating.compute({ F_a: 244.46, F_c: 2.375, v: 5 }) // ≈ 1210
 */
export const timingRating = defineFormula({
  id: 'timing-rating',
  title: 'power rating of a timing belt',
  symbol: 'P_r',
  unit: 'W',
  expr: 'max(0, F_a - F_c) * v',
  source: 'ISO 5295 (from memory)',
  inputs: {
    F_a: inputSlot('N', 'pull it carries for years', [0, 60000]),
    F_c: inputSlot('N', 'centrifugal tension', [0, 3000]),
    v: inputSlot('m/s', 'belt speed', [0, 60]),
  },
  compute: ({ F_a, F_c, v }) => Math.max(0, F_a - F_c) * v,
});
