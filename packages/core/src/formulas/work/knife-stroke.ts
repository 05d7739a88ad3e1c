import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * One stroke of a knife through a round branch.
 * @example knifeStroke.compute({ k: 10, s: 6, d: 40 }) // ≈ 75.4
 */
export const knifeStroke = defineFormula({
  id: 'knife-stroke',
  title: 'energy of one stroke of a knife',
  symbol: 'E',
  unit: 'J',
  expr: 'k * s * pi * d^2 / 4000',
  source: 'Specific cutting energy (definition) by the slice: 1 N/mm² is 1 J/cm³',
  inputs: {
    k: inputSlot('MPa', 'energy of cutting, by volume', [1, 200]),
    s: inputSlot('mm', 'thickness of a chip', [0.1, 50]),
    d: inputSlot('mm', 'diameter of the branch', [2, 400]),
  },
  compute: ({ k, s, d }) => (k * s * Math.PI * d ** 2) / 4000,
});
