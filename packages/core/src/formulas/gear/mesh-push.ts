import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example meshPush.compute({ W_t: 444.4 }) // ≈ 472.9
 */
export const meshPush = defineFormula({
  id: 'mesh-push',
  title: 'force that a mesh puts on its shafts',
  symbol: 'F',
  unit: 'N',
  expr: 'W_t / cos(20 * pi / 180)',
  source: 'Involute teeth of 20° pressure angle (closed form)',
  inputs: {
    W_t: inputSlot('N', 'force along the pitch circle', [0, 1000000]),
  },
  compute: ({ W_t }) => W_t / Math.cos((20 * Math.PI) / 180),
});
