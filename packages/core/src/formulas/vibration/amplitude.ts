import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How far a mass on springs moves each way under an eccentric that turns; `r` is its speed over its natural frequency.
 * @example amplitude.compute({ U: 8, M: 12, r: 8.3168, zeta: 0.05 }) // ≈ 0.6764
 */
export const amplitude = defineFormula({
  id: 'amplitude',
  title: 'amplitude of a shaken mass',
  symbol: 'X',
  unit: 'mm',
  expr: 'U / M * r^2 / sqrt((1 - r^2)^2 + (2 * zeta * r)^2)',
  source: 'Vibration textbooks (linear oscillator with a rotating unbalance)',
  inputs: {
    U: inputSlot('kg·mm', 'mass of the eccentric by its radius', [0.001, 5000]),
    M: inputSlot('kg', 'vibrating mass', [0.05, 10_000]),
    r: inputSlot('1', 'speed over the natural frequency', [0.01, 100]),
    zeta: inputSlot('1', 'damping ratio', [0.001, 1]),
  },
  where: { turns: ['r'], says: 'it runs over resonance', holds: ({ r, zeta }) => r ** 2 * (1 - 2 * zeta ** 2) >= 1 },
  compute: ({ U, M, r, zeta }) => ((U / M) * r ** 2) / Math.sqrt((1 - r ** 2) ** 2 + (2 * zeta * r) ** 2),
});
