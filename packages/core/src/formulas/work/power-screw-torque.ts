import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque that raises a load on a screw with friction in its thread; `f` is the friction over the cosine of half the thread’s angle.
 * @example powerScrewTorque.compute({ F: 6400, d: 30, l: 8, f: 0.08 }) // ≈ 15.94
 */
export const powerScrewTorque = defineFormula({
  id: 'power-screw-torque',
  title: 'torque that raises a load on a screw',
  symbol: 'T_R',
  unit: 'N·m',
  expr: 'F * d * (l + pi * f * d) / (2000 * max(0, pi * d - f * l))',
  source: 'Shigley’s Mechanical Engineering Design, eq. 8-1 and 8-5',
  inputs: {
    F: inputSlot('N', 'force along the screw', [0.1, 1_000_000]),
    d: inputSlot('mm', 'mean diameter of the thread', [2, 200]),
    l: inputSlot('mm', 'lead', [0.1, 200]),
    f: inputSlot('1', 'friction in the thread', [0.001, 1]),
  },
  where: {
    turns: ['d', 'l', 'f'],
    says: 'lead and friction are those of a thread that pushes: a thinner one takes less',
    holds: ({ d, l, f }) => 2 * Math.atan(l / (Math.PI * d)) + Math.atan(f) < Math.PI / 2,
  },
  compute: ({ F, d, l, f }) => (F * d * (l + Math.PI * f * d)) / (2000 * Math.max(0, Math.PI * d - f * l)),
});
