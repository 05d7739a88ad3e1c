import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * All of a wheel’s energy twists the way to a stop that does not yield.
 * @example rigidPeak.compute({ E: 20, k: 4000 }) // 400
 */
export const rigidPeak = defineFormula({
  id: 'rigid-peak',
  title: 'peak torque of a wheel against a stop that does not yield',
  symbol: 'T_r',
  unit: 'N·m',
  expr: 'sqrt(2 * k * E)',
  source: 'Energy of a torsion spring (closed form)',
  inputs: {
    E: inputSlot('J', 'energy of the wheel', [0, 1000000.0]),
    k: inputSlot('N·m/rad', 'stiffness of its way to the stop', [0.001, 1e12]),
  },
  compute: ({ E, k }) => Math.sqrt(2 * k * E),
});
