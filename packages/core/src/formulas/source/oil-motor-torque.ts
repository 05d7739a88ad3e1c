import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque of a motor driven by oil.
 * @example oilMotorTorque.compute({ p: 100, V: 0.1, eta: 0.9 }) // ≈ 143.2
 */
export const oilMotorTorque = defineFormula({
  id: 'oil-motor-torque',
  title: 'torque of an oil motor',
  symbol: 'T',
  unit: 'N·m',
  expr: 'p * V * eta / (20 * pi) * 1000',
  source: 'Hydraulics textbooks (closed form): pressure times volume a turn over 2π',
  inputs: {
    p: inputSlot('bar', 'pressure across it', [0.5, 700]),
    V: inputSlot('L', 'oil a turn', [0.0005, 50]),
    eta: inputSlot('1', 'share of it at the shaft', [0.5, 1]),
  },
  compute: ({ p, V, eta }) => ((p * V * eta) / (20 * Math.PI)) * 1000,
});
