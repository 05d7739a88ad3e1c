import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What the belt carries before it slips, from the tension as it is set, not from a rating.
 * @example beltSlipTorque.compute({ z: 1, F_i: 180, F_c: 0, e: 11.186, d: 80 }) // ≈ 12.04
 */
export const beltSlipTorque = defineFormula({
  id: 'belt-slip-torque',
  title: 'torque at which the belt slips',
  symbol: 'T_s',
  unit: 'N·m',
  expr: 'z * max(0, F_i - F_c) * (e - 1) / (e + 1) * d / 1000',
  source: 'Wedge friction with the mean tension held by fixed centres: F1 + F2 = 2 F_i (closed form)',
  inputs: {
    z: inputSlot('1', 'number of belts', [1, 20]),
    F_i: inputSlot('N', 'tension of a span at rest, each belt', [1, 20000]),
    F_c: inputSlot('N', 'centrifugal tension', [0, 2000]),
    e: inputSlot('1', 'tension ratio at slip', [1.01, 1000000.0]),
    d: inputSlot('mm', 'pitch diameter of the pulley it slips on', [10, 2000]),
  },
  remark: {
    says: 'At this speed the belt flies off its groove: nothing presses any more, and it pulls nothing.',
    when: ({ F_i, F_c }) => F_c >= F_i,
  },
  compute: ({ z, F_i, F_c, e, d }) => (((z * Math.max(0, F_i - F_c) * (e - 1)) / (e + 1)) * d) / 1000,
});
