import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What each tooth takes of a feed.
 * @example toothBite.compute({ v: 2, z: 4, n: 600 }) // 0.05
 */
export const toothBite = defineFormula({
  id: 'tooth-bite',
  title: 'feed a tooth',
  symbol: 'f_z',
  unit: 'mm',
  expr: '60 * v / (z * n)',
  source: 'Closed form',
  inputs: {
    v: inputSlot('mm/s', 'feed', [0.01, 2000]),
    z: inputSlot('1', 'teeth or knives', [1, 400]),
    n: inputSlot('rpm', 'speed', [1, 60000]),
  },
  compute: ({ v, z, n }) => (60 * v) / (z * n),
});
