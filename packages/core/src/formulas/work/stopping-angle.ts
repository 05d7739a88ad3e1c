import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Fruit yields by a finger’s width, wood by a millimetre, steel by nothing.
 * @example stoppingAngle.compute({ a: 10, D: 160 }) // 0.125
 */
export const stoppingAngle = defineFormula({
  id: 'stopping-angle',
  title: 'angle in which a jam stops the tool',
  symbol: 'φ',
  unit: 'rad',
  expr: '2 * a / D',
  source: 'Arc over radius (definition)',
  inputs: {
    a: inputSlot('mm', 'how far the tool still moves into what stops it', [0.01, 300]),
    D: inputSlot('mm', 'diameter of the tool', [0.1, 5_000]),
  },
  compute: ({ a, D }) => (2 * a) / D,
});
