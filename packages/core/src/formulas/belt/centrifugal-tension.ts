import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * It is carried by the cords and presses on nothing.
 * @example centrifugalTension.compute({ m: 0.105, v: 20 }) // 42
 */
export const centrifugalTension = defineFormula({
  id: 'centrifugal-tension',
  title: 'tension that only holds the belt to its circle',
  symbol: 'F_c',
  unit: 'N',
  expr: 'm * v^2',
  source: 'Closed form',
  inputs: {
    m: inputSlot('kg/m', 'mass of the belt per length', [0.001, 5]),
    v: inputSlot('m/s', 'belt speed', [0, 60]),
  },
  compute: ({ m, v }) => m * v ** 2,
});
