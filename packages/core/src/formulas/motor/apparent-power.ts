import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example apparentPower.compute({ m: 1, V: 231, I: 5.2 }) // 1201.2
 */
export const apparentPower = defineFormula({
  id: 'apparent-power',
  title: 'volts times amps',
  symbol: 'S',
  unit: 'VA',
  expr: 'm * V * I',
  source: 'Definition; m is 1 for single phase, √3 for three.',
  inputs: {
    m: inputSlot('1', 'phase factor', [1, 1.7321]),
    V: inputSlot('V', 'line voltage', [1, 1000]),
    I: inputSlot('A', 'current', [0.01, 2000]),
  },
  compute: ({ m, V, I }) => m * V * I,
});
