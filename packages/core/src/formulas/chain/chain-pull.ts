import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * All of it in the tight strand: a chain needs no pull in the slack one.
 * @example chainPull.compute({ T: 40, d: 61.08 }) // ≈ 1309.76
 */
export const chainPull = defineFormula({
  id: 'chain-pull',
  title: 'pull of the chain',
  symbol: 'F',
  unit: 'N',
  expr: '2000 * T / d',
  source: 'Definition of torque',
  inputs: {
    T: inputSlot('N·m', 'torque of the sprocket', [0, 100000.0]),
    d: inputSlot('mm', 'pitch diameter of the sprocket', [10, 3000]),
  },
  compute: ({ T, d }) => (2000 * T) / d,
});
