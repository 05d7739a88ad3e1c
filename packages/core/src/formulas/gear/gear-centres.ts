import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example gearCentres.compute({ m: 2, z_1: 17, z_2: 51 }) // 68
 */
export const gearCentres = defineFormula({
  id: 'gear-centres',
  title: 'centre distance of a pair of spur gears',
  symbol: 'a',
  unit: 'mm',
  expr: 'm * (z_1 + z_2) / 2',
  source: 'ISO 53, ISO 54 (relation)',
  inputs: {
    m: inputSlot('mm', 'module', [0.1, 50]),
    z_1: inputSlot('1', 'teeth of the driving gear', [4, 1000]),
    z_2: inputSlot('1', 'teeth of the driven gear', [4, 1000]),
  },
  compute: ({ m, z_1, z_2 }) => (m * (z_1 + z_2)) / 2,
});
