import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a motor draws from the line for the power at its shaft.
 * @example lineCurrent.compute({ P: 1100, m: 1, V: 230, eta: 0.72, pf: 0.93 }) // ≈ 7.142
 */
export const lineCurrent = defineFormula({
  id: 'line-current',
  title: 'current from the line',
  symbol: 'I',
  unit: 'A',
  expr: 'P / (m * V * eta * pf)',
  source: 'textbooks on electric machines (relation); m is 1 for single phase, √3 for three',
  inputs: {
    P: inputSlot('W', 'shaft power', [1, 1000000.0]),
    m: inputSlot('1', 'phase factor', [1, 1.7321]),
    V: inputSlot('V', 'line voltage', [1, 1000]),
    eta: inputSlot('1', 'efficiency', [0.1, 1]),
    pf: inputSlot('1', 'power factor', [0.2, 1]),
  },
  compute: ({ P, m, V, eta, pf }) => P / (m * V * eta * pf),
});
