import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * By the handbook, before it is rounded up.
 * @example beltsNeeded.compute({ P_d: 9694, P_1: 3637 }) // ≈ 2.67
 */
export const beltsNeeded = defineFormula({
  id: 'belts-needed',
  title: 'belts that the rating needs',
  symbol: 'z',
  unit: '1',
  expr: 'P_d / P_1',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-20 (relation); rounded up",
  inputs: {
    P_d: inputSlot('W', 'power to design for', [0, 1000000.0]),
    P_1: inputSlot('W', 'power that one belt is good for', [1, 1000000.0]),
  },
  compute: ({ P_d, P_1 }) => P_d / P_1,
});
