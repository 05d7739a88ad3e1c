import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The international form of the same; the two differ by up to 0.02.
 * @example arcFactorIso.compute({ theta: 2.618 }) // ≈ 0.923
 */
export const arcFactorIso = defineFormula({
  id: 'arc-factor-iso',
  title: 'arc factor of the rating, exponential form',
  symbol: 'c_α',
  unit: '1',
  expr: '1.25 * (1 - 5^(-theta / pi))',
  source: 'ISO 5292 (relation)',
  inputs: {
    theta: inputSlot('rad', 'arc of contact of the small pulley', [1, Math.PI]),
  },
  compute: ({ theta }) => 1.25 * (1 - 5 ** (-theta / Math.PI)),
});
