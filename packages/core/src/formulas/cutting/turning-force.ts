import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force on a cutting edge at right angles to the feed, by the thickness of the chip.
 * @example turningForce.compute({ k: 2220, m: 0.14, a: 2, f: 0.2, w: 1 }) // ≈ 1112.4
 */
export const turningForce = defineFormula({
  id: 'turning-force',
  title: 'cutting force by the chip',
  symbol: 'F_c',
  unit: 'N',
  expr: 'k * a * f^(1 - m) * w',
  source: 'Kienzle and Victor cutting-force law, edge square to the feed',
  inputs: {
    k: inputSlot('MPa', 'specific force of a chip 1 mm thick', [300, 5000]),
    m: inputSlot('1', 'exponent', [0, 0.5]),
    a: inputSlot('mm', 'depth of cut', [0.01, 20]),
    f: inputSlot('mm', 'feed a turn', [0.005, 2]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ k, m, a, f, w }) => k * a * f ** (1 - m) * w,
});
