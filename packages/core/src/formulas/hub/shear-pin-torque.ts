import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A pin or bolt across a hub, or at a radius.
 * @example shearPinTorque.compute({ z: 2, d: 6, tau: 330, r: 10 }) // ≈ 186.6
 */
export const shearPinTorque = defineFormula({
  id: 'shear-pin-torque',
  title: 'torque at which a pin shears',
  symbol: 'T',
  unit: 'N·m',
  expr: 'z * pi * d^2 / 4 * tau * r / 1000',
  source: 'Closed form',
  inputs: {
    z: inputSlot('1', 'shear planes', [1, 4]),
    d: inputSlot('mm', 'diameter of the pin', [1, 30]),
    tau: inputSlot('MPa', 'shear strength', [50, 900]),
    r: inputSlot('mm', 'radius at which it shears', [2, 300]),
  },
  compute: ({ z, d, tau, r }) => (((z * Math.PI * d ** 2) / 4) * tau * r) / 1000,
});
