import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a motor without its power on the plate can be taken for.
 * @example powerFromCurrent.compute({ m: 1, V: 230, I: 7.142, eta: 0.72, pf: 0.93 }) // ≈ 1100
 */
export const powerFromCurrent = defineFormula({
  id: 'power-from-current',
  title: 'shaft power from volts and amps',
  symbol: 'P',
  unit: 'W',
  expr: 'm * V * I * eta * pf',
  source: 'textbooks on electric machines (relation); m is 1 for single phase, √3 for three',
  inputs: {
    m: inputSlot('1', 'phase factor', [1, 1.7321]),
    V: inputSlot('V', 'rated voltage', [1, 1000]),
    I: inputSlot('A', 'rated current', [0.05, 2000]),
    eta: inputSlot('1', 'efficiency', [0.05, 1]),
    pf: inputSlot('1', 'power factor', [0.2, 1]),
  },
  compute: ({ m, V, I, eta, pf }) => m * V * I * eta * pf,
});
