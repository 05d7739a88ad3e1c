import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force that pushes a drill on.
 * @example drillThrust.compute({ k: 2000, f: 0.2, d: 10, p: 0, s: Math.PI, u: 0.7, w: 1 }) // 1400
 */
export const drillThrust = defineFormula({
  id: 'drill-thrust',
  title: 'thrust of a drill',
  symbol: 'F_f',
  unit: 'N',
  expr: 'u * k * f * (d - p) / 2 * sin(s / 2) * w',
  source: 'Handbooks on drilling (from memory): the feed force is seven tenths of the cutting force by the point’s angle',
  inputs: {
    k: inputSlot('MPa', 'cutting force by the section of the chip', [300, 10000]),
    f: inputSlot('mm', 'feed a turn', [0.005, 2]),
    d: inputSlot('mm', 'diameter of the drill', [0.3, 100]),
    p: inputSlot('mm', 'diameter of the pilot hole', [0, 100]),
    s: inputSlot('rad', 'angle of the point', [0.5, Math.PI]),
    u: inputSlot('1', 'feed force over cutting force', [0.3, 1.2]),
    w: inputSlot('1', 'for wear', [1, 2]),
  },
  compute: ({ k, f, d, p, s, u, w }) => ((u * k * f * (d - p)) / 2) * Math.sin(s / 2) * w,
});
