import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * While the tool stops, the shafts before it turn further.
 * @example gearedAngle.compute({ phi: 0.1, i: 3.333 }) // ≈ 0.333
 */
export const gearedAngle = defineFormula({
  id: 'geared-angle',
  title: 'angle on the faster shaft',
  symbol: 'φ_1',
  unit: 'rad',
  expr: 'phi * i',
  source: 'Definition of the ratio',
  inputs: {
    phi: inputSlot('rad', 'angle on the slower shaft', [0.0001, 2_000]),
    i: inputSlot('1', 'ratio', [0.001, 1000]),
  },
  compute: ({ phi, i }) => phi * i,
});
