import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Between fixed centres the spans keep their mean: the slack one hangs loose at twice the tension at rest, and soon after the belt climbs its teeth.
 * @example jumpTorque.compute({ c: 2, F_i: 100, F_c: 0, d: 50 }) // 5
 */
export const jumpTorque = defineFormula({
  id: 'jump-torque',
  title: 'torque at which a timing belt jumps',
  symbol: 'T',
  unit: 'N·m',
  expr: 'c * max(0, F_i - F_c) * d / 2000',
  source: 'Balance of the spans between fixed centres (closed form); how far beyond it the teeth still hold is common practice',
  inputs: {
    c: inputSlot('1', 'times the tension at rest', [1, 4]),
    F_i: inputSlot('N', 'tension of a span at rest', [0, 20000]),
    F_c: inputSlot('N', 'centrifugal tension', [0, 3000]),
    d: inputSlot('mm', 'pitch diameter of the driving pulley', [3, 5000]),
  },
  compute: ({ c, F_i, F_c, d }) => (c * Math.max(0, F_i - F_c) * d) / 2000,
});
