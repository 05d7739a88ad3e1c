import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The harder it stops, the more the wheel wrenches.
 * @example stoppingTorque.compute({ T_0: 12.9, E: 20, phi: 0.5 }) // 52.9
 */
export const stoppingTorque = defineFormula({
  id: 'stopping-torque',
  title: 'torque with the swing of what spins',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_0 + E / phi',
  source: 'Energy given up over the angle in which the tool stops, evenly (closed form)',
  inputs: {
    T_0: inputSlot('N·m', 'torque the drive still brings', [0, 1000000.0]),
    E: inputSlot('J', 'energy of what spins in between', [0, 1000000.0]),
    phi: inputSlot('rad', 'angle in which it stops', [0.001, 100]),
  },
  compute: ({ T_0, E, phi }) => T_0 + E / phi,
});
