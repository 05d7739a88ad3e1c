import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A wheel weighed on the kitchen scales.
 * @example discInertia.compute({ k: 0.5, m: 5, d: 250 }) // ≈ 0.0391
 */
export const discInertia = defineFormula({
  id: 'disc-inertia',
  title: 'moment of inertia of a wheel',
  symbol: 'J',
  unit: 'kg·m²',
  expr: 'k * m * (d / 2000)^2',
  source: 'Closed form; k is 0.5 for a plain disc, 0.7 to 0.8 for a rim on spokes',
  inputs: {
    k: inputSlot('1', 'how far out its mass lies', [0.3, 1]),
    m: inputSlot('kg', 'mass', [0.01, 1000]),
    d: inputSlot('mm', 'diameter', [10, 3000]),
  },
  compute: ({ k, m, d }) => k * m * (d / 2000) ** 2,
});
