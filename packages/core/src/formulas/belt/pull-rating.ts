import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Bending round a small pulley takes of what the cords may pull.
 * @example pullRating.compute({ F_0: 114, d_0: 33, d: 76.2, v: 6.9 }) // ≈ 445.9
 */
export const pullRating = defineFormula({
  id: 'pull-rating',
  title: 'power rating of a belt by what it may pull',
  symbol: 'P_r',
  unit: 'W',
  expr: 'max(0, F_0 * (1 - d_0 / d)) * v',
  source: 'The form of the classical ratings, pull less bending (closed form)',
  inputs: {
    F_0: inputSlot('N', 'pull of one belt or rib on a large pulley', [5, 1000]),
    d_0: inputSlot('mm', 'diameter at which bending takes all of it', [5, 200]),
    d: inputSlot('mm', 'pitch diameter of the small pulley', [10, 2000]),
    v: inputSlot('m/s', 'belt speed', [0, 60]),
  },
  compute: ({ F_0, d_0, d, v }) => Math.max(0, F_0 * (1 - d_0 / d)) * v,
});
