import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What the lead and the breaker see for a moment.
 * @example startingCurrent.compute({ k: 6, I: 9.5 }) // 57
 */
export const startingCurrent = defineFormula({
  id: 'starting-current',
  title: 'current while it starts, or is stalled',
  symbol: 'I_s',
  unit: 'A',
  expr: 'k * I',
  source: 'Definition of the ratio',
  inputs: {
    k: inputSlot('1', 'stalled over rated current', [1, 15]),
    I: inputSlot('A', 'rated current', [0.02, 2000]),
  },
  compute: ({ k, I }) => k * I,
});
