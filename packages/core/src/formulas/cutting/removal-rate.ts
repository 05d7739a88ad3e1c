import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Volume that a turning tool takes off, a minute; `v` is the speed of the cut.
 * @example removalRate.compute({ a: 2, f: 0.2, v: 0.5 }) // 12
 */
export const removalRate = defineFormula({
  id: 'removal-rate',
  title: 'volume taken off',
  symbol: 'Q',
  unit: 'cm³/min',
  expr: '60 * a * f * v',
  source: 'Geometry of the chip (closed form)',
  inputs: {
    a: inputSlot('mm', 'depth of cut', [0.01, 20]),
    f: inputSlot('mm', 'feed a turn', [0.005, 2]),
    v: inputSlot('m/s', 'speed of the cut', [0.01, 30]),
  },
  compute: ({ a, f, v }) => 60 * a * f * v,
});
