import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Feed by what each tooth takes.
 * @example toothFeed.compute({ f: 0.05, z: 4, n: 600 }) // 2
 */
export const toothFeed = defineFormula({
  id: 'tooth-feed',
  title: 'feed by the teeth',
  symbol: 'v_f',
  unit: 'mm/s',
  expr: 'f * z * n / 60',
  source: 'Closed form',
  inputs: {
    f: inputSlot('mm', 'feed a tooth', [0.0005, 5]),
    z: inputSlot('1', 'teeth or knives', [1, 400]),
    n: inputSlot('rpm', 'speed', [1, 60000]),
  },
  compute: ({ f, z, n }) => (f * z * n) / 60,
});
