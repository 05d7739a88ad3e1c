import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Inertia that a torque speeds up in a time: of a rotor, by how long motors like it take alone.
 * @example inertiaByRunUp.compute({ t: 0.2, T: 2.2, n: 4300 }) // ≈ 0.000977
 */
export const inertiaByRunUp = defineFormula({
  id: 'inertia-by-run-up',
  title: 'inertia of the rotor by its run-up',
  symbol: 'J',
  unit: 'kg·m²',
  expr: '30 * t * T / (pi * n)',
  source: 'Newton’s second law (closed form)',
  inputs: {
    t: inputSlot('s', 'run-up time of the bare rotor to its rated speed, by its rated torque', [0.01, 10]),
    T: inputSlot('N·m', 'rated torque', [0.001, 10000]),
    n: inputSlot('rpm', 'rated speed', [1, 60000]),
  },
  compute: ({ t, T, n }) => (30 * t * T) / (Math.PI * n),
});
