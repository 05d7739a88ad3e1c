import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The tone to tune the belt to.
 * @example toneForTension.compute({ T: 300, m: 0.19, s: 560 }) // ≈ 35.5
 */
export const toneForTension = defineFormula({
  id: 'tone-for-tension',
  title: 'tone of a plucked span at a tension',
  symbol: 'f',
  unit: 'Hz',
  expr: 'sqrt(T / m) / (2 * s / 1000)',
  source: 'String equation (closed form)',
  inputs: {
    T: inputSlot('N', 'tension', [0.1, 20000]),
    m: inputSlot('kg/m', 'mass of the belt per length', [0.001, 5]),
    s: inputSlot('mm', 'straight span', [20, 10000]),
  },
  compute: ({ T, m, s }) => Math.sqrt(T / m) / ((2 * s) / 1000),
});
