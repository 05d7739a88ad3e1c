import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Force at the tip at which the root of a hook begins to bend.
 * @example hookBends.compute({ R: 235, b: 5, s: 20, h: 10 }) // ≈ 7833
 */
export const hookBends = defineFormula({
  id: 'hook-bends',
  title: 'force at which a hook bends',
  symbol: 'F_b',
  unit: 'N',
  expr: 'R * b * s^2 / (6 * h)',
  source: 'Bending of a short beam (closed form)',
  inputs: {
    R: inputSlot('MPa', 'yield strength of the blade', [50, 2500]),
    b: inputSlot('mm', 'thickness of the blade', [0.5, 100]),
    s: inputSlot('mm', 'width of the hook at its root', [1, 300]),
    h: inputSlot('mm', 'depth of the hook', [1, 200]),
  },
  compute: ({ R, b, s, h }) => (R * b * s ** 2) / (6 * h),
});
