import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque that taps a thread.
 * @example tappingTorque.compute({ k: 2000, p: 2, D: 16, w: 1 }) // 16
 */
export const tappingTorque = defineFormula({
  id: 'tapping-torque',
  title: 'torque of a tap',
  symbol: 'T',
  unit: 'N·m',
  expr: 'p^2 * D * k / 8000 * w',
  source: 'Common practice, no source: shop rule for taps',
  inputs: {
    k: inputSlot('MPa', 'cutting force by the section of the chip', [300, 10000]),
    p: inputSlot('mm', 'pitch of the thread', [0.1, 10]),
    D: inputSlot('mm', 'diameter of the thread', [1, 100]),
    w: inputSlot('1', 'for wear', [1, 2.5]),
  },
  compute: ({ k, p, D, w }) => ((p ** 2 * D * k) / 8000) * w,
});
