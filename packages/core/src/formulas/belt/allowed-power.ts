import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The handbook’s answer to how much a set of belts carries for years.
 * @example allowedPower.compute({ z: 1, P_r: 3499.6, K_1: 0.99, K_2: 1.05 }) // ≈ 3638
 */
export const allowedPower = defineFormula({
  id: 'allowed-power',
  title: 'power that the belts are good for',
  symbol: 'P_a',
  unit: 'W',
  expr: 'z * P_r * K_1 * K_2',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-17 (relation)",
  inputs: {
    z: inputSlot('1', 'number of belts', [1, 20]),
    P_r: inputSlot('W', 'rating of one belt', [0, 1000000.0]),
    K_1: inputSlot('1', 'arc factor', [0.3, 1]),
    K_2: inputSlot('1', 'length factor', [0.8, 1.25]),
  },
  compute: ({ z, P_r, K_1, K_2 }) => z * P_r * K_1 * K_2,
});
