import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of the driven shaft: the driving speed through the ratio, less what slips.
 * @example drivenSpeed.compute({ n1: 1725, i: 10 / 3, s: 0.015 }) // ≈ 509.7
 */
export const drivenSpeed = defineFormula({
  id: 'driven-speed',
  title: 'speed of the driven shaft',
  symbol: 'n2',
  unit: 'rpm',
  expr: 'n1 * (1 - s) / i',
  source: "Machinery's Handbook, rules for pulley speeds (relation)",
  inputs: {
    n1: inputSlot('rpm', 'speed of the driving shaft', [0, 100_000]),
    i: inputSlot('1', 'ratio', [0.001, 1_000]),
    s: inputSlot('1', 'share lost to slip', [0, 0.05]),
  },
  compute: ({ n1, i, s }) => (n1 * (1 - s)) / i,
});
