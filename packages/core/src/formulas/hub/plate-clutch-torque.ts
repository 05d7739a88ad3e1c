import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A disc pressed between two plates.
 * @example plateClutchTorque.compute({ mu: 0.35, F: 800, r: 45, z: 2 }) // 25.2
 */
export const plateClutchTorque = defineFormula({
  id: 'plate-clutch-torque',
  title: 'torque at which a spring-loaded clutch slips',
  symbol: 'T',
  unit: 'N·m',
  expr: 'mu * F * r * z / 1000',
  source: 'Coulomb friction on a mean radius (closed form)',
  inputs: {
    mu: inputSlot('1', 'friction of the faces', [0.05, 0.6]),
    F: inputSlot('N', 'force of the springs', [1, 100000]),
    r: inputSlot('mm', 'mean radius of the faces', [5, 500]),
    z: inputSlot('1', 'faces that rub', [1, 20]),
  },
  compute: ({ mu, F, r, z }) => (mu * F * r * z) / 1000,
});
