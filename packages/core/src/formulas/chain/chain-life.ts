import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power to the 2.5 times hours stays the same: twice the power, under a fifth of the hours.
 * @example chainLife.compute({ P_a: 1000, P_d: 2000 }) // ≈ 9545942
 */
export const chainLife = defineFormula({
  id: 'chain-life',
  title: 'time until the plates of a chain tire',
  symbol: 't',
  unit: 's',
  expr: '54000000 * (P_a / P_d)^2.5',
  source: "Shigley's Mechanical Engineering Design (10e), section 17-5: rated for 15,000 h, power to the 2.5 times hours constant (from memory)",
  inputs: {
    P_a: inputSlot('W', 'power rating by the plates', [1, 200000]),
    P_d: inputSlot('W', 'design power', [1, 200000]),
  },
  compute: ({ P_a, P_d }) => 54_000_000 * (P_a / P_d) ** 2.5,
});
