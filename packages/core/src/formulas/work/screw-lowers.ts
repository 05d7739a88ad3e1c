import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque that lowers a load on a screw: below nothing it runs back by itself.
 * @example screwLowers.compute({ F: 6400, d: 30, l: 8, f: 0.08 }) // ≈ -0.47
 */
export const screwLowers = defineFormula({
  id: 'screw-lowers',
  title: 'torque that lowers a load on a screw',
  symbol: 'T_L',
  unit: 'N·m',
  expr: 'F * d * (pi * f * d - l) / (2000 * (pi * d + f * l))',
  source: 'Shigley’s Mechanical Engineering Design, eq. 8-2',
  inputs: {
    F: inputSlot('N', 'force along the screw', [0.1, 1_000_000]),
    d: inputSlot('mm', 'mean diameter of the thread', [2, 200]),
    l: inputSlot('mm', 'lead', [0.1, 200]),
    f: inputSlot('1', 'friction in the thread', [0.001, 1]),
  },
  where: { turns: ['d'], says: 'it stays by itself', holds: ({ d, l, f }) => Math.PI * f * d >= l },
  compute: ({ F, d, l, f }) => (F * d * (Math.PI * f * d - l)) / (2000 * (Math.PI * d + f * l)),
});
