import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * From a torque wrench to what the hub is squeezed with.
 * @example splitClampForce.compute({ n: 2, M: 6, K: 0.2, d_s: 5 }) // 12000
 */
export const splitClampForce = defineFormula({
  id: 'split-clamp-force',
  title: 'clamping force of the screws of a split hub',
  symbol: 'F',
  unit: 'N',
  expr: '1000 * n * M / (K * d_s)',
  source: 'Roloff/Matek, clamp connection with split hub (relation)',
  inputs: {
    n: inputSlot('1', 'screws', [1, 8]),
    M: inputSlot('N·m', 'tightening torque of one', [0.1, 500]),
    K: inputSlot('1', 'nut factor, 0.2 dry', [0.1, 0.3]),
    d_s: inputSlot('mm', 'diameter of the screw', [2, 30]),
  },
  compute: ({ n, M, K, d_s }) => (1000 * n * M) / (K * d_s),
});
