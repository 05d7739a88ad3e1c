import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Ten per cent less voltage is nearly a fifth less torque.
 * @example torqueAtVoltage.compute({ T_n: 24.59, V: 207, V_n: 230 }) // ≈ 19.92
 */
export const torqueAtVoltage = defineFormula({
  id: 'torque-at-voltage',
  title: 'torque at the voltage that arrives',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_n * (V / V_n)^2',
  source: 'textbooks on electric machines (relation): the torque of an induction motor goes with the square of the voltage',
  inputs: {
    T_n: inputSlot('N·m', 'torque at the rated voltage', [0.001, 1000000.0]),
    V: inputSlot('V', 'voltage at the motor', [1, 1000]),
    V_n: inputSlot('V', 'rated voltage', [1, 1000]),
  },
  compute: ({ T_n, V, V_n }) => T_n * (V / V_n) ** 2,
});
