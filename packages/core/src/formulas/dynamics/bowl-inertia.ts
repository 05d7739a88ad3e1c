import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Of a hollow half ball about its axis: a bowl that is turned out.
 * @example bowlInertia.compute({ rho: 650, D: 300, u: 0.5 }) // ≈ 0.04135
 */
export const bowlInertia = defineFormula({
  id: 'bowl-inertia',
  title: 'moment of inertia of a bowl',
  symbol: 'J',
  unit: 'kg·m²',
  expr: '4 / 15 * pi * rho * (D / 2)^5 * (1 - (1 - 2 * u)^5) * 1e-15',
  source: 'Mechanics textbooks: hollow hemisphere (closed form)',
  inputs: {
    rho: inputSlot('kg/m³', 'density of the wood', [100, 1500]),
    D: inputSlot('mm', 'diameter', [20, 2000]),
    u: inputSlot('1', 'thickness of its wall, of its diameter', [0.005, 0.5]),
  },
  compute: ({ rho, D, u }) => (4 / 15) * Math.PI * rho * (D / 2) ** 5 * (1 - (1 - 2 * u) ** 5) * 1e-15,
});
