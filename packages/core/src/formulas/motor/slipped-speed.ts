import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Where the plate’s speed cannot be read.
 * @example slippedSpeed.compute({ n_s: 1500, s: 0.04 }) // 1440
 */
export const slippedSpeed = defineFormula({
  id: 'slipped-speed',
  title: 'speed under load, from the poles',
  symbol: 'n',
  unit: 'rpm',
  expr: 'n_s * (1 - s)',
  source: 'Definition of slip',
  inputs: {
    n_s: inputSlot('rpm', 'synchronous speed', [1, 100000]),
    s: inputSlot('1', 'slip', [0, 0.2]),
  },
  compute: ({ n_s, s }) => n_s * (1 - s),
});
