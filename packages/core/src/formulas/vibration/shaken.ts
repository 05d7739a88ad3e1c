import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Acceleration of what is shaken, at its most.
 * @example shaken.compute({ X: 2, n: 954.9296586 }) // ≈ 20
 */
export const shaken = defineFormula({
  id: 'shaken',
  title: 'acceleration of what is shaken',
  symbol: 'a',
  unit: 'm/s²',
  expr: 'X / 1000 * (pi * n / 30)^2',
  source: 'Simple harmonic motion (closed form)',
  inputs: { X: inputSlot('mm', 'amplitude', [0.001, 100]), n: inputSlot('rpm', 'speed', [1, 20_000]) },
  compute: ({ X, n }) => (X / 1000) * ((Math.PI * n) / 30) ** 2,
});
