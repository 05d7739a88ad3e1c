import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A first guess until it is weighed.
 * @example wheelMass.compute({ k: 0.5, rho: 7200, d: 250, b: 16 }) // ≈ 2.83
 */
export const wheelMass = defineFormula({
  id: 'wheel-mass',
  title: 'mass of a pulley by its size',
  symbol: 'm',
  unit: 'kg',
  expr: 'k * rho * pi / 4 * (d / 1000)^2 * (b / 1000)',
  source: 'Volume times density; k is the share that is metal',
  inputs: {
    k: inputSlot('1', 'share of the disc that is metal', [0.2, 1]),
    rho: inputSlot('kg/m³', 'density', [2000, 9000]),
    d: inputSlot('mm', 'diameter', [10, 3000]),
    b: inputSlot('mm', 'width of the rim', [5, 500]),
  },
  compute: ({ k, rho, d, b }) => ((k * rho * Math.PI) / 4) * (d / 1000) ** 2 * (b / 1000),
});
