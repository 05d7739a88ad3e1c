import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Reduction of a belt drive from its pitch diameters: above 1 the driven shaft is the slower one.
 * @example pulleyRatio.compute({ d1: 75, d2: 250 }) // ≈ 3.333
 */
export const pulleyRatio = defineFormula({
  id: 'pulley-ratio',
  title: 'ratio of the pulleys',
  symbol: 'i',
  unit: '1',
  expr: 'd2 / d1',
  source: "Machinery's Handbook, rules for pulley speeds (relation)",
  inputs: { d1: inputSlot('mm', 'driving pulley, pitch diameter', [1, 5_000]), d2: inputSlot('mm', 'driven pulley, pitch diameter', [1, 5_000]) },
  compute: ({ d1, d2 }) => d2 / d1,
});
