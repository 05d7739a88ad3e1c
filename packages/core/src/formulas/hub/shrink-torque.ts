import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A hub pressed or shrunk on.
 * @example shrinkTorque.compute({ mu: 0.12, p: 30, d: 20, l: 25 }) // ≈ 56.5
 */
export const shrinkTorque = defineFormula({
  id: 'shrink-torque',
  title: 'torque that a shrunk hub holds',
  symbol: 'T',
  unit: 'N·m',
  expr: 'mu * p * pi * d^2 * l / 2000',
  source: 'Friction of a cylindrical press fit (closed form)',
  inputs: {
    mu: inputSlot('1', 'friction of hub on shaft', [0.05, 0.4]),
    p: inputSlot('MPa', 'pressure in the fit', [1, 200]),
    d: inputSlot('mm', 'diameter of the shaft', [3, 300]),
    l: inputSlot('mm', 'length of the fit', [3, 400]),
  },
  compute: ({ mu, p, d, l }) => (mu * p * Math.PI * d ** 2 * l) / 2000,
});
