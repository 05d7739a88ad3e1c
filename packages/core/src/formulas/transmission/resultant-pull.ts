import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Opposite pulls leave their difference, square ones the diagonal.
 * @example resultantPull.compute({ F_1: 300, F_2: 400, gamma: Math.PI / 2 }) // ≈ 500
 */
export const resultantPull = defineFormula({
  id: 'resultant-pull',
  title: 'pull of two drives on one shaft together',
  symbol: 'F',
  unit: 'N',
  expr: 'sqrt(F_1^2 + F_2^2 - 2 * F_1 * F_2 * cos(gamma))',
  source: 'Two forces put together (closed form)',
  inputs: {
    F_1: inputSlot('N', 'force from the drive before', [0, 1_000_000]),
    F_2: inputSlot('N', 'force from the drive after', [0, 1_000_000]),
    gamma: inputSlot('rad', 'angle by which the two turn away from each other', [-11, 11]),
  },
  where: {
    turns: ['F_1', 'F_2', 'gamma'],
    says: 'the two do not pull against each other, and the second turns one way from the first',
    holds: ({ gamma }) => gamma >= Math.PI / 2 && gamma <= Math.PI,
  },
  compute: ({ F_1, F_2, gamma }) => Math.sqrt(Math.max(0, F_1 ** 2 + F_2 ** 2 - 2 * F_1 * F_2 * Math.cos(gamma))),
});
