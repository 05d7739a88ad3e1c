import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The same on both pulleys.
 * @example crossedWrap.compute({ d: 120, D: 200, C: 600 }) // ≈ 3.681 rad
 */
export const crossedWrap = defineFormula({
  id: 'crossed-wrap',
  title: 'arc of contact of a crossed belt',
  symbol: 'θ',
  unit: 'rad',
  expr: 'pi + 2 * asin((D + d) / (2 * C))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-3 (relation)",
  inputs: {
    d: inputSlot('mm', 'one pulley, pitch diameter', [1, 5000]),
    D: inputSlot('mm', 'other pulley, pitch diameter', [1, 5000]),
    C: inputSlot('mm', 'centre distance', [1, 50000]),
  },
  compute: ({ d, D, C }) => Math.PI + 2 * Math.asin((D + d) / (2 * C)),
});
