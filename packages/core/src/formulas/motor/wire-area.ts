import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Of one core.
 * @example wireArea.compute({ d: 1.628 }) // ≈ 2.08
 */
export const wireArea = defineFormula({
  id: 'wire-area',
  title: 'cross-section of a round wire',
  symbol: 'A',
  unit: 'mm²',
  expr: 'pi / 4 * d^2',
  source: 'Closed form',
  inputs: {
    d: inputSlot('mm', 'diameter', [0.01, 30]),
  },
  compute: ({ d }) => (Math.PI / 4) * d ** 2,
});
