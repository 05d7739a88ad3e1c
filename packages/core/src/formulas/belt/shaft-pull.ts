import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The spans pull together along the line of centres; running, their sum stays.
 * @example shaftPull.compute({ z: 1, F_i: 150, theta: 2.722 }) // ≈ 293
 */
export const shaftPull = defineFormula({
  id: 'shaft-pull',
  title: 'pull of the belts on a shaft at rest',
  symbol: 'F',
  unit: 'N',
  expr: '2 * z * F_i * sin(theta / 2)',
  source: 'Sum of the two spans (closed form)',
  inputs: {
    z: inputSlot('1', 'number of belts', [1, 20]),
    F_i: inputSlot('N', 'tension of a span at rest, each belt', [0, 20000]),
    theta: inputSlot('rad', 'arc of contact', [0.5, Math.PI]),
  },
  compute: ({ z, F_i, theta }) => 2 * z * F_i * Math.sin(theta / 2),
});
