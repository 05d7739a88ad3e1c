import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Volume that is cut away, a minute: width by depth by feed.
 * @example cutVolume.compute({ w: 2.5, d: 50, v: 10 }) // 75
 */
export const cutVolume = defineFormula({
  id: 'cut-volume',
  title: 'volume that is cut away',
  symbol: 'Q',
  unit: 'cm³/min',
  expr: '0.06 * w * d * v',
  source: 'Closed form',
  inputs: {
    w: inputSlot('mm', 'width of the cut', [0.05, 1000]),
    d: inputSlot('mm', 'depth of the cut', [0.01, 1000]),
    v: inputSlot('mm/s', 'feed', [0.01, 2000]),
  },
  compute: ({ w, d, v }) => 0.06 * w * d * v,
});
