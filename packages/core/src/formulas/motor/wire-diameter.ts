import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * For a lead that is marked with a gauge instead of its cross-section.
 * @example wireDiameter.compute({ n: 14 }) // ≈ 1.628
 */
export const wireDiameter = defineFormula({
  id: 'wire-diameter',
  title: 'diameter of a wire by its American gauge',
  symbol: 'd',
  unit: 'mm',
  expr: '0.127 * 92^((36 - n) / 39)',
  source: 'ASTM B258 (relation)',
  inputs: {
    n: inputSlot('1', 'gauge', [-3, 40]),
  },
  compute: ({ n }) => 0.127 * 92 ** ((36 - n) / 39),
});
