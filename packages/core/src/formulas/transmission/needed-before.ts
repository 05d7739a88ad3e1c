import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque that the shaft before needs so that enough arrives.
 * @example neededBefore.compute({ T_2: 8, i: 3.333, k: 0.96 }) // ≈ 2.500
 */
export const neededBefore = defineFormula({
  id: 'needed-before',
  title: 'torque needed at the driving shaft',
  symbol: 'T_1',
  unit: 'N·m',
  expr: 'T_2 / (i * k)',
  source: 'Balance of power over a reduction (definition of efficiency)',
  inputs: {
    T_2: inputSlot('N·m', 'torque needed at the driven shaft', [0, 1000000.0]),
    i: inputSlot('1', 'ratio', [0.001, 1000]),
    k: inputSlot('1', 'share of the torque that is passed on', [0.05, 1]),
  },
  compute: ({ T_2, i, k }) => T_2 / (i * k),
});
