import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Mean thickness of a milling cutter’s chip, cut by its side.
 * @example milledChip.compute({ f: 0.1, a: 4, D: 16 }) // 0.05
 */
export const milledChip = defineFormula({
  id: 'milled-chip',
  title: 'mean thickness of a milled chip',
  symbol: 'h_m',
  unit: 'mm',
  expr: 'f * sqrt(a / D)',
  source: 'Handbooks on milling (from memory): mean chip by the width of the cut',
  inputs: {
    f: inputSlot('mm', 'feed a tooth', [0.001, 1]),
    a: inputSlot('mm', 'width of the cut', [0.05, 200]),
    D: inputSlot('mm', 'diameter of the cutter', [0.5, 200]),
  },
  compute: ({ f, a, D }) => f * Math.sqrt(a / D),
});
