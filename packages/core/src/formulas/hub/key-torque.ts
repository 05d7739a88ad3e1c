import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A parallel key by the pressure on its side.
 * @example keyTorque.compute({ p: 100, h: 2.5, l: 20, d: 19 }) // 47.5
 */
export const keyTorque = defineFormula({
  id: 'key-torque',
  title: 'torque that a key carries',
  symbol: 'T',
  unit: 'N·m',
  expr: 'p * h * l * d / 2000',
  source: 'Pressure on the side of a key (closed form)',
  inputs: {
    p: inputSlot('MPa', 'pressure allowed in the weaker keyway', [10, 400]),
    h: inputSlot('mm', 'engaged height of the key', [0.3, 20]),
    l: inputSlot('mm', 'engaged length of the key', [3, 400]),
    d: inputSlot('mm', 'diameter of the shaft', [3, 300]),
  },
  compute: ({ p, h, l, d }) => (p * h * l * d) / 2000,
});
