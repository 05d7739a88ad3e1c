import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force that pushes a drill on; nought where the pilot hole leaves nothing to drill.
 * @example drillThrust.compute({ k: 2000, m: 0, f: 0.2, s: Math.PI, d: 10, p: 0, u: 0.7, w: 1 }) // 1400
 */
export const drillThrust = defineFormula({
  id: 'drill-thrust',
  title: 'thrust of a drill',
  symbol: 'F_f',
  unit: 'N',
  expr: 'u * k * (f / 2 * sin(s / 2))^(-m) * f * max(0, d - p) / 2 * sin(s / 2) * w',
  source: 'Handbooks on drilling (from memory): the feed force is seven tenths of the cutting force by the point’s angle',
  inputs: {
    k: inputSlot('MPa', 'specific force of a chip 1 mm thick', [300, 5000]),
    m: inputSlot('1', 'exponent', [0, 0.5]),
    f: inputSlot('mm', 'feed a turn', [0.005, 2]),
    s: inputSlot('rad', 'angle of the point', [0.5, Math.PI]),
    d: inputSlot('mm', 'diameter of the drill', [0.3, 100]),
    p: inputSlot('mm', 'diameter of the pilot hole', [0, 100]),
    u: inputSlot('1', 'feed force over cutting force', [0.3, 1.2]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ k, m, f, s, d, p, u, w }) => ((u * k * ((f / 2) * Math.sin(s / 2)) ** -m * f * Math.max(0, d - p)) / 2) * Math.sin(s / 2) * w,
});
