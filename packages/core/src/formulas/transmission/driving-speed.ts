import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed that the driving shaft must have, for a speed of the driven one: the other way round than `drivenSpeed`.
 * @example drivingSpeed.compute({ n2: 509.7, i: 10 / 3, s: 0.015 }) // ≈ 1725
 */
export const drivingSpeed = defineFormula({
  id: 'driving-speed',
  title: 'speed of the driving shaft',
  symbol: 'n1',
  unit: 'rpm',
  expr: 'n2 * i / (1 - s)',
  source: "Machinery's Handbook, rules for pulley speeds (relation)",
  inputs: {
    n2: inputSlot('rpm', 'speed of the driven shaft', [0, 100_000]),
    i: inputSlot('1', 'ratio', [0.001, 1_000]),
    s: inputSlot('1', 'share lost to slip', [0, 0.05]),
  },
  compute: ({ n2, i, s }) => (n2 * i) / (1 - s),
});
