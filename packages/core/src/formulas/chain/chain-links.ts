import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Before it is rounded up to a whole, even number.
 * @example chainLinks.compute({ C: 457.2, p: 12.7, z_1: 15, z_2: 45 }) // ≈ 102.63
 */
export const chainLinks = defineFormula({
  id: 'chain-links',
  title: 'length of the chain in links',
  symbol: 'N',
  unit: '1',
  expr: '2 * C / p + (z_1 + z_2) / 2 + (z_2 - z_1)^2 / (4 * pi^2 * C / p)',
  source: "ANSI/ASME B29.1; Shigley's Mechanical Engineering Design (10e), eq. 17-34 (relation)",
  inputs: {
    C: inputSlot('mm', 'centre distance', [20, 20000]),
    p: inputSlot('mm', 'pitch of the chain', [4, 80]),
    z_1: inputSlot('1', 'teeth of the smaller sprocket', [6, 150]),
    z_2: inputSlot('1', 'teeth of the larger sprocket', [6, 150]),
  },
  where: {
    turns: ['C', 'p', 'z_1', 'z_2'],
    says: 'the sprockets do not overlap',
    holds: ({ C, p, z_1, z_2 }) => z_1 <= z_2 && (p * (z_1 + z_2)) / Math.PI < 2 * C,
  },
  compute: ({ C, p, z_1, z_2 }) => (2 * C) / p + (z_1 + z_2) / 2 + (z_2 - z_1) ** 2 / ((4 * Math.PI ** 2 * C) / p),
});
