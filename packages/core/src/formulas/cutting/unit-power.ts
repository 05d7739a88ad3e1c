import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power at a cutting edge by the volume that it takes off.
 * @example unitPower.compute({ Q: 12, K: 32, w: 1.2 }) // 460.8
 */
export const unitPower = defineFormula({
  id: 'unit-power',
  title: 'power by volume taken off',
  symbol: 'P',
  unit: 'W',
  expr: 'Q * K * w',
  source: 'Machinery’s Handbook: unit power',
  inputs: {
    Q: inputSlot('cm³/min', 'volume taken off', [0.01, 5000]),
    K: inputSlot('1', 'W for each cm³/min', [1, 200]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ Q, K, w }) => Q * K * w,
});
