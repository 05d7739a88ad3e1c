import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Pluck the span and read the tone from a telephone.
 * @example tensionFromTone.compute({ m: 0.12, s: 400, f: 45 }) // ≈ 155.5
 */
export const tensionFromTone = defineFormula({
  id: 'tension-from-tone',
  title: 'tension from the tone of a plucked span',
  symbol: 'T',
  unit: 'N',
  expr: '4 * m * (s / 1000)^2 * f^2',
  source: 'String equation (closed form)',
  inputs: {
    m: inputSlot('kg/m', 'mass of the belt per length', [0.001, 5]),
    s: inputSlot('mm', 'straight span', [20, 10000]),
    f: inputSlot('Hz', 'tone of the plucked span', [1, 1000]),
  },
  compute: ({ m, s, f }) => 4 * m * (s / 1000) ** 2 * f ** 2,
});
