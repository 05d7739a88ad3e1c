import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Crushing needs the same at any speed, stirring grows with it, blowing with its square.
 * @example grownTorque.compute({ T_1: 8, n: 210, n_1: 420, g: 1 }) // 4
 */
export const grownTorque = defineFormula({
  id: 'grown-torque',
  title: 'torque of the work at another speed',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_1 * (n / n_1)^g',
  source: 'Definition: constant, growing with speed, or with its square',
  inputs: {
    T_1: inputSlot('N·m', 'torque at the speed it was found at', [0.001, 1000000.0]),
    n: inputSlot('rpm', 'speed', [1, 20000]),
    n_1: inputSlot('rpm', 'speed it was found at', [1, 20000]),
    g: inputSlot('1', 'exponent', [0, 2]),
  },
  compute: ({ T_1, n, n_1, g }) => T_1 * (n / n_1) ** g,
});
