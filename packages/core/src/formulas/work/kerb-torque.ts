import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Weight times how far the axle is behind the edge.
 * @example kerbTorque.compute({ k: 0.6, m: 200, u: 0.1, D: 400 }) // ≈ 141.2
 */
export const kerbTorque = defineFormula({
  id: 'kerb-torque',
  title: 'torque that lifts the driven wheels over an edge',
  symbol: 'T_k',
  unit: 'N·m',
  expr: 'k * m * 9.80665 * D * sqrt(u - u^2) / 1000',
  source: 'Balance of a wheel about the edge (closed form), driven by itself and not pushed',
  inputs: {
    k: inputSlot('1', 'share of the weight on the driven wheels', [0.05, 1]),
    m: inputSlot('kg', 'mass with its load', [1, 20_000]),
    u: inputSlot('1', 'height of the edge in diameters of the wheel', [0.001, 0.45]),
    D: inputSlot('mm', 'diameter of the wheel', [20, 3_000]),
  },
  compute: ({ k, m, u, D }) => (k * m * 9.80665 * D * Math.sqrt(u - u ** 2)) / 1000,
});
