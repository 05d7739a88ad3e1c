import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Falls with either inertia.
 * @example twinResonance.compute({ k: 900, J_1: 0.001, J_2: 0.01 }) // ≈ 158.4
 */
export const twinResonance = defineFormula({
  id: 'twin-resonance',
  title: 'resonance of two inertias on a spring',
  symbol: 'f',
  unit: 'Hz',
  expr: 'sqrt(k * (J_1 + J_2) / (J_1 * J_2)) / (2 * pi)',
  source: 'Two masses on a torsion spring (closed form)',
  inputs: {
    k: inputSlot('N·m/rad', 'torsional stiffness between them', [0.1, 10000000.0]),
    J_1: inputSlot('kg·m²', 'one moment of inertia', [1e-6, 1000]),
    J_2: inputSlot('kg·m²', 'the other', [1e-6, 1000]),
  },
  compute: ({ k, J_1, J_2 }) => Math.sqrt((k * (J_1 + J_2)) / (J_1 * J_2)) / (2 * Math.PI),
});
