import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Each pass round a pulley bends the belt once at its peak pull.
 * @example beltPasses.compute({ K: 5307, b: 10.926, T_1: 632.5, T_2: 519.6 }) // ≈ 1.1e10
 */
export const beltPasses = defineFormula({
  id: 'belt-passes',
  title: 'passes until a belt is worn out',
  symbol: 'N_p',
  unit: '1',
  expr: '1 / ((K / T_1)^(-b) + (K / T_2)^(-b))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-27 (relation)",
  inputs: {
    K: inputSlot('N', 'durability force of the section', [2000, 30000]),
    b: inputSlot('1', 'durability exponent', [10.9, 12.7]),
    T_1: inputSlot('N', 'peak pull on one pulley', [200, 1900]),
    T_2: inputSlot('N', 'peak pull on the other', [200, 1900]),
  },
  where: { turns: ['b'], says: 'the pulls are below the durability force', holds: ({ K, T_1, T_2 }) => T_1 < K && T_2 < K },
  compute: ({ K, b, T_1, T_2 }) => 1 / ((K / T_1) ** -b + (K / T_2) ** -b),
});
