import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A shaft behind a reduction is felt softer by the square of the ratio: it twists less torque by more turn.
 * @example gearedStiffness.compute({ k: 9000, i: 3 }) // 1000
 */
export const gearedStiffness = defineFormula({
  id: 'geared-stiffness',
  title: 'stiffness as felt at the driving shaft',
  symbol: 'k_1',
  unit: 'N·m/rad',
  expr: 'k / i^2',
  source: 'Torque over the ratio, angle times the ratio (closed form)',
  inputs: {
    k: inputSlot('N·m/rad', 'stiffness at the driven shaft', [0.001, 1e12]),
    i: inputSlot('1', 'ratio', [0.001, 1000]),
  },
  compute: ({ k, i }) => k / i ** 2,
});
