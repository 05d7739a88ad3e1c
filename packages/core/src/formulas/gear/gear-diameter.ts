import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example gearDiameter.compute({ m: 2, z: 17 }) // 34
 */
export const gearDiameter = defineFormula({
  id: 'gear-diameter',
  title: 'pitch diameter of a spur gear',
  symbol: 'd',
  unit: 'mm',
  expr: 'm * z',
  source: 'ISO 53, ISO 54 (relation)',
  inputs: {
    m: inputSlot('mm', 'module', [0.1, 50]),
    z: inputSlot('1', 'teeth', [4, 1000]),
  },
  compute: ({ m, z }) => m * z,
});
