import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Pressure on the flanks of a nut whose thread is half as deep as its pitch; of several starts the pitch counts in none.
 * @example nutPressure.compute({ F: 20000, d: 27, h: 60 }) // ≈ 7.86
 */
export const nutPressure = defineFormula({
  id: 'nut-pressure',
  title: 'pressure in a nut',
  symbol: 'p',
  unit: 'MPa',
  expr: '2 * F / (pi * d * h)',
  source: 'Force over the flanks that support it (closed form)',
  inputs: {
    F: inputSlot('N', 'force along the screw', [0.1, 1_000_000]),
    d: inputSlot('mm', 'mean diameter of the thread', [2, 200]),
    h: inputSlot('mm', 'length of the nut', [2, 500]),
  },
  compute: ({ F, d, h }) => (2 * F) / (Math.PI * d * h),
});
