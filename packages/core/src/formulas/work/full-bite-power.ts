import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power while every knife has its full chip.
 * @example fullBitePower.compute({ E: 75.4, z: 2, n: 2820 }) // ≈ 7087.6
 */
export const fullBitePower = defineFormula({
  id: 'full-bite-power',
  title: 'power while every knife cuts',
  symbol: 'P',
  unit: 'W',
  expr: 'E * z * n / 60',
  source: 'Definition of power',
  inputs: {
    E: inputSlot('J', 'energy of one stroke', [0.01, 10_000]),
    z: inputSlot('1', 'knives', [1, 24]),
    n: inputSlot('rpm', 'speed', [1, 20_000]),
  },
  compute: ({ E, z, n }) => (E * z * n) / 60,
});
