import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Passes over how often the belt comes round.
 * @example beltLife.compute({ N_p: 1e8, L: 1380, v: 5.6 }) // ≈ 2.464e7
 */
export const beltLife = defineFormula({
  id: 'belt-life',
  title: 'time until a belt is worn out',
  symbol: 't',
  unit: 's',
  expr: 'N_p * L / (1000 * v)',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-28 (relation)",
  inputs: {
    N_p: inputSlot('1', 'passes until it is worn out', [1e7, 1e10]),
    L: inputSlot('mm', 'length of the belt', [100, 20000]),
    v: inputSlot('m/s', 'belt speed', [0.05, 60]),
  },
  compute: ({ N_p, L, v }) => (N_p * L) / (1000 * v),
});
