import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Below the band it does not trip, above it does, within it may.
 * @example tripCurrent.compute({ k: 5, I_b: 16 }) // 80
 */
export const tripCurrent = defineFormula({
  id: 'trip-current',
  title: 'current at which a breaker drops out at once',
  symbol: 'I_t',
  unit: 'A',
  expr: 'k * I_b',
  source: 'IEC 60898-1 (relation)',
  inputs: {
    k: inputSlot('1', 'multiple by its letter', [1, 25]),
    I_b: inputSlot('A', 'rating of the breaker', [0.5, 200]),
  },
  compute: ({ k, I_b }) => k * I_b,
});
