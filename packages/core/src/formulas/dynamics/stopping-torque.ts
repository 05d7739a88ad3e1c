import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The harder it stops, the more torque the wheel adds.
 * @example stoppingTorque.compute({ T_0: 12.9, E: 20, phi: 0.5 }) // 52.9
 */
export const stoppingTorque = defineFormula({
  id: 'stopping-torque',
  title: 'torque of a jam, with the inertia of what spins',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_0 + E / phi',
  source: 'Energy released over the angle in which the tool stops, evenly (closed form)',
  inputs: {
    T_0: inputSlot('N·m', 'torque of the drive itself', [0, 1000000.0]),
    E: inputSlot('J', 'energy of what spins in between', [0, 1000000.0]),
    phi: inputSlot('rad', 'angle in which it stops', [0.001, 2_000]),
  },
  compute: ({ T_0, E, phi }) => T_0 + E / phi,
});
