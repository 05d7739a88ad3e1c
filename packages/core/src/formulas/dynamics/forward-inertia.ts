import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Gearing down makes what spins before it heavy.
 * @example forwardInertia.compute({ J: 0.002, i: 10 }) // 0.2
 */
export const forwardInertia = defineFormula({
  id: 'forward-inertia',
  title: 'moment of inertia as the slower shaft feels it',
  symbol: 'J_2',
  unit: 'kg·m²',
  expr: 'J * i^2',
  source: 'Closed form',
  inputs: {
    J: inputSlot('kg·m²', 'moment of inertia on the faster shaft', [0, 100000]),
    i: inputSlot('1', 'ratio', [0.01, 1000]),
  },
  compute: ({ J, i }) => J * i ** 2,
});
