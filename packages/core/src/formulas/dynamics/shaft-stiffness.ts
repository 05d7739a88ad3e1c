import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How hard a round shaft is to twist.
 * @example shaftStiffness.compute({ G: 79300, d: 25, L: 200 }) // ≈ 15206
 */
export const shaftStiffness = defineFormula({
  id: 'shaft-stiffness',
  title: 'torsional stiffness of a round shaft',
  symbol: 'k',
  unit: 'N·m/rad',
  expr: 'pi * G * d^4 / (32 * L) / 1000',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 4-7 (relation)",
  inputs: {
    G: inputSlot('MPa', 'shear modulus', [1000, 200000]),
    d: inputSlot('mm', 'diameter', [1, 500]),
    L: inputSlot('mm', 'length that twists', [1, 10000]),
  },
  compute: ({ G, d, L }) => (Math.PI * G * d ** 4) / (32 * L) / 1000,
});
