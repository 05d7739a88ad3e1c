import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Motors are stamped with power at the shaft, whole machines often with what they draw from the wall.
 * @example shaftFromInput.compute({ P: 2400, eta: 0.7 }) // 1680
 */
export const shaftFromInput = defineFormula({
  id: 'shaft-from-input',
  title: 'shaft power of a plate',
  symbol: 'P_2',
  unit: 'W',
  expr: 'P * eta',
  source: 'Balance of power (definition of efficiency)',
  inputs: {
    P: inputSlot('W', 'power on the plate', [1, 1000000.0]),
    eta: inputSlot('1', 'share of it that is at the shaft', [0.05, 1]),
  },
  compute: ({ P, eta }) => P * eta,
});
