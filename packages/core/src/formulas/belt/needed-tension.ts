import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Span tension at rest that transmits the design power with the rating’s own friction.
 * @example neededTension.compute({ dF: 187.7, e: 4.788, F_c: 0 }) // ≈ 143.4
 */
export const neededTension = defineFormula({
  id: 'needed-tension',
  title: 'tension to set, each belt',
  symbol: 'F_n',
  unit: 'N',
  expr: 'dF / 2 * (e + 1) / (e - 1) + F_c',
  source:
    "Shigley's Mechanical Engineering Design (10e), eq. 17-24 and 17-25 (relation), the centrifugal part added since fixed centres do not return it",
  inputs: {
    dF: inputSlot('N', 'difference of the pulls, each belt', [0.1, 20000]),
    e: inputSlot('1', 'tension ratio, 0.5123 friction in the groove', [1.05, 10000.0]),
    F_c: inputSlot('N', 'centrifugal tension', [0, 2000]),
  },
  compute: ({ dF, e, F_c }) => ((dF / 2) * (e + 1)) / (e - 1) + F_c,
});
