import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What the driven wheels can push before they spin.
 * @example gripForce.compute({ mu: 0.35, k: 0.3, m: 220, s: 0.12 }) // ≈ 224.9
 */
export const gripForce = defineFormula({
  id: 'grip-force',
  title: 'force at which the driven wheels spin',
  symbol: 'F_g',
  unit: 'N',
  expr: 'mu * k * m * 9.80665 / sqrt(1 + s^2)',
  source: 'Friction (closed form); weight thrown from one axle to the other by the slope left out',
  inputs: {
    mu: inputSlot('1', 'grip of the tyres', [0.05, 1.2]),
    k: inputSlot('1', 'share of the weight on the driven wheels', [0.05, 1]),
    m: inputSlot('kg', 'mass with its load', [1, 20_000]),
    s: inputSlot('1', 'slope, rise over run', [0, 1]),
  },
  compute: ({ mu, k, m, s }) => (mu * k * m * 9.80665) / Math.sqrt(1 + s ** 2),
});
