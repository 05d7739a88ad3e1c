import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How far washers or a slot must move the motor.
 * @example shimTravel.compute({ L: 900, T: 150, T_0: 20, EA: 45000 }) // 1.3
 */
export const shimTravel = defineFormula({
  id: 'shim-travel',
  title: 'travel of the motor for a tension',
  symbol: 'ΔC',
  unit: 'mm',
  expr: 'L * (T - T_0) / EA / 2',
  source: 'Closed form, equal pulleys: half of the belt’s stretch',
  inputs: {
    L: inputSlot('mm', 'length of the belt', [100, 20000]),
    T: inputSlot('N', 'tension needed', [0.1, 20000]),
    T_0: inputSlot('N', 'tension now', [0, 20000]),
    EA: inputSlot('N', 'stiffness of the belt', [1000, 1000000.0]),
  },
  compute: ({ L, T, T_0, EA }) => (L * (T - T_0)) / EA / 2,
});
