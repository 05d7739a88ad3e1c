import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force between two points at which a stone bursts; small stones are stronger than large ones.
 * @example stoneBursts.compute({ I: 8, d: 50 }) // 20000
 */
export const stoneBursts = defineFormula({
  id: 'stone-bursts',
  title: 'force that bursts a stone',
  symbol: 'F_s',
  unit: 'N',
  expr: 'I * (50 / d)^0.45 * d^2',
  source: 'ISRM, suggested method for point-load strength, with its correction for size (from memory)',
  inputs: {
    I: inputSlot('MPa', 'point-load strength of a stone of 50 mm', [0.1, 30]),
    d: inputSlot('mm', 'thickness of the stone', [1, 200]),
  },
  compute: ({ I, d }) => I * (50 / d) ** 0.45 * d ** 2,
});
