import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Gearing down makes what spins behind it light.
 * @example reflectedInertia.compute({ J: 0.2, i: 10 }) // 0.002
 */
export const reflectedInertia = defineFormula({
  id: 'reflected-inertia',
  title: 'moment of inertia as the faster shaft feels it',
  symbol: 'J_1',
  unit: 'kg·m²',
  expr: 'J / i^2',
  source: 'Closed form',
  inputs: {
    J: inputSlot('kg·m²', 'moment of inertia on the slower shaft', [0, 100000.0]),
    i: inputSlot('1', 'ratio', [0.01, 1000]),
  },
  compute: ({ J, i }) => J / i ** 2,
});
