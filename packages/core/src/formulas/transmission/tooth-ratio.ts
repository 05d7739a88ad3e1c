import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Exact: teeth do not slip.
 * @example toothRatio.compute({ z_1: 15, z_2: 45 }) // 3
 */
export const toothRatio = defineFormula({
  id: 'tooth-ratio',
  title: 'ratio by teeth',
  symbol: 'i',
  unit: '1',
  expr: 'z_2 / z_1',
  source: 'Definition of a ratio by teeth',
  inputs: {
    z_1: inputSlot('1', 'teeth of the driving wheel', [6, 500]),
    z_2: inputSlot('1', 'teeth of the driven wheel', [6, 500]),
  },
  compute: ({ z_1, z_2 }) => z_2 / z_1,
});
