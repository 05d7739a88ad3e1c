import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Natural frequency of a mass on springs, a minute.
 * @example naturalFrequency.compute({ k: 4, M: 12 }) // ≈ 174.35
 */
export const naturalFrequency = defineFormula({
  id: 'natural-frequency',
  title: 'natural frequency, a minute',
  symbol: 'n_0',
  unit: 'rpm',
  expr: '30 / pi * sqrt(1000 * k / M)',
  source: 'Vibration textbooks (linear oscillator)',
  inputs: { k: inputSlot('N/mm', 'rate of all springs', [0.01, 10_000]), M: inputSlot('kg', 'all that hangs', [0.05, 10_000]) },
  compute: ({ k, M }) => (30 / Math.PI) * Math.sqrt((1000 * k) / M),
});
