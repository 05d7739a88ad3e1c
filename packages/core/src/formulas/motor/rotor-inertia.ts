import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A first guess where the rotor is not weighed.
 * @example rotorInertia.compute({ u: 1, P: 1000, p: 4 }) // 0.0022
 */
export const rotorInertia = defineFormula({
  id: 'rotor-inertia',
  title: 'moment of inertia of the rotor',
  symbol: 'J',
  unit: 'kg·m²',
  expr: 'u * 0.0022 * (P / 1000)^1.3 * (p / 4)^1.5',
  source: 'Common practice, no source: fitted by eye to small four-pole motors (from memory); half to twice that is found',
  inputs: {
    u: inputSlot('1', 'how far it may be off', [0.3, 3]),
    P: inputSlot('W', 'shaft power', [50, 15000]),
    p: inputSlot('1', 'number of poles', [2, 8]),
  },
  compute: ({ u, P, p }) => u * 0.0022 * (P / 1000) ** 1.3 * (p / 4) ** 1.5,
});
