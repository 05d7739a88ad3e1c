import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Mean torque of a milling cutter that cuts with its side: what its teeth take off in a turn, by the force of their mean chip.
 * @example millingTorque.compute({ k: 2000 * Math.PI, m: 0, f: 0.1, a: 4, D: 16, d: 5, z: 2, w: 1 }) // 4
 */
export const millingTorque = defineFormula({
  id: 'milling-torque',
  title: 'mean torque of a milling cutter',
  symbol: 'T',
  unit: 'N·m',
  expr: 'k * (f * sqrt(a / D))^(-m) * a * d * f * z / (2000 * pi) * w',
  source: 'Kienzle and Victor law on the mean chip of a milling cutter (handbooks, from memory)',
  inputs: {
    k: inputSlot('MPa', 'specific force of a chip 1 mm thick', [300, 5000]),
    m: inputSlot('1', 'exponent', [0, 0.5]),
    f: inputSlot('mm', 'feed a tooth', [0.001, 1]),
    a: inputSlot('mm', 'width of the cut', [0.05, 200]),
    D: inputSlot('mm', 'diameter of the cutter', [0.5, 200]),
    d: inputSlot('mm', 'depth of the cut', [0.01, 200]),
    z: inputSlot('1', 'teeth', [1, 40]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ k, m, f, a, D, d, z, w }) => ((k * (f * Math.sqrt(a / D)) ** -m * a * d * f * z) / (2000 * Math.PI)) * w,
});
