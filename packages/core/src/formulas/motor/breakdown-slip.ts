import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Slip at the breakdown torque of an induction motor; beyond it the motor falls to rest.
 * @example breakdownSlip.compute({ s_n: 0.05, k: 2.5 }) // ≈ 0.2396
 */
export const breakdownSlip = defineFormula({
  id: 'breakdown-slip',
  title: 'slip at the most torque',
  symbol: 's_b',
  unit: '1',
  expr: 's_n * (k + sqrt(k^2 - 1))',
  source: "Kloss's relation through the rated point, textbooks on electric machines (relation)",
  inputs: {
    s_n: inputSlot('1', 'slip at rated torque', [0.001, 0.3]),
    k: inputSlot('1', 'most torque over rated torque', [1.05, 5]),
  },
  compute: ({ s_n, k }) => s_n * (k + Math.sqrt(k ** 2 - 1)),
});
