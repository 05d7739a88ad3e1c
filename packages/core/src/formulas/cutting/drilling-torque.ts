import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of a drill with two edges, over a pilot hole or none; nought where the hole leaves nothing to drill.
 * @example drillingTorque.compute({ k: 2000, m: 0, f: 0.2, s: Math.PI, d: 10, p: 0, w: 1 }) // 5
 */
export const drillingTorque = defineFormula({
  id: 'drilling-torque',
  title: 'torque of a drill',
  symbol: 'T',
  unit: 'N·m',
  expr: 'k * (f / 2 * sin(s / 2))^(-m) * f * max(0, d^2 - p^2) / 8000 * w',
  source: 'Kienzle and Victor law on the two edges of a drill (handbooks, from memory)',
  inputs: {
    k: inputSlot('MPa', 'specific force of a chip 1 mm thick', [300, 5000]),
    m: inputSlot('1', 'exponent', [0, 0.5]),
    f: inputSlot('mm', 'feed a turn', [0.005, 2]),
    s: inputSlot('rad', 'angle of the point', [0.5, Math.PI]),
    d: inputSlot('mm', 'diameter of the drill', [0.3, 100]),
    p: inputSlot('mm', 'diameter of the pilot hole', [0, 100]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ k, m, f, s, d, p, w }) => ((k * ((f / 2) * Math.sin(s / 2)) ** -m * f * Math.max(0, d ** 2 - p ** 2)) / 8000) * w,
});
