import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example drawnPower.compute({ P: 1100, eta: 0.72 }) // ≈ 1527.8
 */
export const drawnPower = defineFormula({
  id: 'drawn-power',
  title: 'power drawn from the wall',
  symbol: 'P_in',
  unit: 'W',
  expr: 'P / eta',
  source: 'Definition of efficiency',
  inputs: { P: inputSlot('W', 'shaft power', [1, 1000000]), eta: inputSlot('1', 'efficiency', [0.1, 1]) },
  compute: ({ P, eta }) => P / eta,
});
