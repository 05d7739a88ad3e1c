import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Where the pins of the chain run.
 * @example sprocketDiameter.compute({ p: 12.7, z: 17 }) // ≈ 69.116
 */
export const sprocketDiameter = defineFormula({
  id: 'sprocket-diameter',
  title: 'pitch diameter of a sprocket',
  symbol: 'd',
  unit: 'mm',
  expr: 'p / sin(pi / z)',
  source: 'ANSI/ASME B29.1, ISO 606 (relation)',
  inputs: {
    p: inputSlot('mm', 'pitch of the chain', [4, 80]),
    z: inputSlot('1', 'teeth', [6, 150]),
  },
  compute: ({ p, z }) => p / Math.sin(Math.PI / z),
});
