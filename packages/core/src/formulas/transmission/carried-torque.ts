import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque carried through a reduction, less what friction keeps. Speed lost to slip is not in it: slip costs speed, friction costs torque.
 * @example carriedTorque.compute({ T1: 3.686, i: 10 / 3, k: 0.96 }) // ≈ 11.795
 */
export const carriedTorque = defineFormula({
  id: 'carried-torque',
  title: 'torque carried to the driven shaft',
  symbol: 'T2',
  unit: 'N·m',
  expr: 'T1 * i * k',
  source: 'Balance of power over a reduction (definition of efficiency)',
  inputs: {
    T1: inputSlot('N·m', 'torque on the driving shaft', [0, 1e6]),
    i: inputSlot('1', 'ratio', [0.001, 1_000]),
    k: inputSlot('1', 'share of the torque that arrives', [0.05, 1]),
  },
  compute: ({ T1, i, k }) => T1 * i * k,
});
