import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Two strands carry 1.7 times, three 2.5 times.
 * @example strandRating.compute({ K_2: 1.7, P_r: 2252 }) // ≈ 3828
 */
export const strandRating = defineFormula({
  id: 'strand-rating',
  title: 'power that a chain is good for',
  symbol: 'P_a',
  unit: 'W',
  expr: 'K_2 * P_r',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-37 and table 17-23 (relation)",
  inputs: {
    K_2: inputSlot('1', 'strand factor', [1, 5]),
    P_r: inputSlot('W', 'rating of one strand', [0, 1000000.0]),
  },
  compute: ({ K_2, P_r }) => K_2 * P_r,
});
