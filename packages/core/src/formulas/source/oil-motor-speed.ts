import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed of a motor driven by oil.
 * @example oilMotorSpeed.compute({ Q: 40, V: 0.1, eta: 0.95 }) // 380
 */
export const oilMotorSpeed = defineFormula({
  id: 'oil-motor-speed',
  title: 'speed of an oil motor',
  symbol: 'n',
  unit: 'rpm',
  expr: 'Q * eta / V',
  source: 'Hydraulics textbooks (closed form): flow over volume a turn',
  inputs: {
    Q: inputSlot('L/min', 'flow', [0.01, 2000]),
    V: inputSlot('L', 'oil a turn', [0.0005, 50]),
    eta: inputSlot('1', 'share of it that does not leak past', [0.5, 1]),
  },
  compute: ({ Q, V, eta }) => (Q * eta) / V,
});
