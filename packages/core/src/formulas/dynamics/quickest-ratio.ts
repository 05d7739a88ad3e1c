import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Losses and a load torque left out.
 * @example quickestRatio.compute({ J_L: 0.09, J_M: 0.0004 }) // 15
 */
export const quickestRatio = defineFormula({
  id: 'quickest-ratio',
  title: 'ratio for the quickest start',
  symbol: 'i',
  unit: '1',
  expr: 'sqrt(J_L / J_M)',
  source: 'Closed form: the load accelerates most where both inertias weigh the same at the motor',
  inputs: {
    J_L: inputSlot('kg·m²', 'inertia of the load', [0.000001, 1000]),
    J_M: inputSlot('kg·m²', 'inertia of the motor', [0.000001, 1000]),
  },
  compute: ({ J_L, J_M }) => Math.sqrt(J_L / J_M),
});
