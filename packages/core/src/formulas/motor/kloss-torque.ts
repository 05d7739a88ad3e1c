import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque at a slip. It rises with slip up to `s_b` and falls beyond: the range in which ends may be taken is the steady, working side.
 * @example klossTorque.compute({ T_b: 25, s_b: 0.24, s: 0.2 }) // ≈ 24.59
 */
export const klossTorque = defineFormula({
  id: 'kloss-torque',
  title: 'torque of an induction motor',
  symbol: 'T',
  unit: 'N·m',
  expr: '2 * T_b / (s / s_b + s_b / s)',
  source: "Kloss's relation, stator resistance left out, textbooks on electric machines (relation)",
  inputs: {
    T_b: inputSlot('N·m', 'most torque', [0.01, 100000.0]),
    s_b: inputSlot('1', 'slip at the most torque', [0.01, 1]),
    s: inputSlot('1', 'slip', [0.0001, 1]),
  },
  where: { turns: ['s', 's_b'], says: 'the slip is at most that of the most torque', holds: ({ s, s_b }) => s <= s_b },
  compute: ({ T_b, s_b, s }) => (2 * T_b) / (s / s_b + s_b / s),
});
