import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Wider belts carry a little more than in proportion.
 * @example allowedPull.compute({ T_a: 50.17, b: 9.5, b_0: 9.5, K_z: 0.8 }) // ≈ 40.1
 */
export const allowedPull = defineFormula({
  id: 'allowed-pull',
  title: 'pull that a timing belt carries for years',
  symbol: 'F_a',
  unit: 'N',
  expr: 'K_z * T_a * (b / b_0)^1.14',
  source: 'ISO 5295 (from memory): allowed pull, width factor and mesh factor',
  inputs: {
    T_a: inputSlot('N', 'allowed pull of the base width', [5, 10000]),
    b: inputSlot('mm', 'width of the belt', [2, 400]),
    b_0: inputSlot('mm', 'base width', [3, 130]),
    K_z: inputSlot('1', 'mesh factor', [0, 1]),
  },
  compute: ({ T_a, b, b_0, K_z }) => K_z * T_a * (b / b_0) ** 1.14,
});
