import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A tool that nobody has weighed: a solid round of so many diameters in length.
 * @example rollInertia.compute({ u: 1, rho: 7850, d: 200 }) // ≈ 0.2466
 */
export const rollInertia = defineFormula({
  id: 'roll-inertia',
  title: 'moment of inertia of a solid round',
  symbol: 'J',
  unit: 'kg·m²',
  expr: 'pi / 32 * rho * u * (d / 1000)^5',
  source: 'Closed form: half of the mass times the radius squared',
  inputs: {
    u: inputSlot('1', 'length in diameters', [0.001, 10]),
    rho: inputSlot('kg/m³', 'density', [500, 9000]),
    d: inputSlot('mm', 'diameter', [5, 3000]),
  },
  compute: ({ u, rho, d }) => (Math.PI / 32) * rho * u * (d / 1000) ** 5,
});
