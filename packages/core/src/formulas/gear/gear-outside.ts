import { defineFormula, slot } from '../../figure/formula.js';

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
    m: slot('mm', 'module', [0.1, 50]),
    z: slot('1', 'teeth', [4, 1000]),
  },
  compute: ({ m, z }) => m * (z + 2),
});
