import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example gearOutside.compute({ m: 2, z: 17 }) // 38
 */
export const gearOutside = defineFormula({
  id: 'gear-outside',
  title: 'outside diameter of a spur gear',
  symbol: 'd_a',
  unit: 'mm',
  expr: 'm * (z + 2)',
  source: 'ISO 53: standard addendum (relation)',
  inputs: {
    m: inputSlot('mm', 'module', [0.1, 50]),
    z: inputSlot('1', 'teeth', [4, 1000]),
  },
  compute: ({ m, z }) => m * (z + 2),
});
