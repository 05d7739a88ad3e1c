import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Over the tips of the teeth.
 * @example sprocketOutside.compute({ p: 12.7, z: 17 }) // ≈ 75.559
 */
export const sprocketOutside = defineFormula({
  id: 'sprocket-outside',
  title: 'outside diameter of a sprocket',
  symbol: 'd_a',
  unit: 'mm',
  expr: 'p * (0.6 + 1 / tan(pi / z))',
  source: 'ANSI/ASME B29.1 as in Machinery’s Handbook (relation)',
  inputs: {
    p: inputSlot('mm', 'pitch of the chain', [4, 80]),
    z: inputSlot('1', 'teeth', [6, 150]),
  },
  compute: ({ p, z }) => p * (0.6 + 1 / Math.tan(Math.PI / z)),
});
