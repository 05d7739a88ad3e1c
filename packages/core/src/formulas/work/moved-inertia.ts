import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A vehicle’s mass counts at its axle as if it sat on the rim.
 * @example movedInertia.compute({ m: 150, D: 400 }) // 6
 */
export const movedInertia = defineFormula({
  id: 'moved-inertia',
  title: 'moment of inertia of a mass that a wheel moves',
  symbol: 'J',
  unit: 'kg·m²',
  expr: 'm * (D / 2000)^2',
  source: 'Closed form: equal kinetic energy',
  inputs: {
    m: inputSlot('kg', 'mass moved', [0.1, 20_000]),
    D: inputSlot('mm', 'diameter of the wheel', [20, 3_000]),
  },
  compute: ({ m, D }) => m * (D / 2000) ** 2,
});
