import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Every fruit that is being crushed pulls back at the edge of the roll.
 * @example nipTorque.compute({ z: 2, F: 300, D: 160 }) // 48
 */
export const nipTorque = defineFormula({
  id: 'nip-torque',
  title: 'torque of fruit between teeth and wall',
  symbol: 'T',
  unit: 'N·m',
  expr: 'z * F * D / 2000',
  source: 'Forces at the roll’s edge (closed form)',
  inputs: {
    z: inputSlot('1', 'fruit held at one time', [0.5, 50]),
    F: inputSlot('N', 'force to crush one', [10, 5000]),
    D: inputSlot('mm', 'diameter of the roll', [20, 1000]),
  },
  compute: ({ z, F, D }) => (z * F * D) / 2000,
});
