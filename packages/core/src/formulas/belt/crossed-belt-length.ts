import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A flat or round belt crossed between its pulleys, which then turn opposite ways.
 * @example crossedBeltLength.compute({ d: 120, D: 200, C: 600 }) // ≈ 1745.6
 */
export const crossedBeltLength = defineFormula({
  id: 'crossed-belt-length',
  title: 'length of a crossed belt',
  symbol: 'L',
  unit: 'mm',
  expr: 'sqrt(4 * C^2 - (D + d)^2) + (D + d) * (pi / 2 + asin((D + d) / (2 * C)))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-4 (relation)",
  inputs: {
    d: inputSlot('mm', 'one pulley, pitch diameter', [1, 5000]),
    D: inputSlot('mm', 'other pulley, pitch diameter', [1, 5000]),
    C: inputSlot('mm', 'centre distance', [1, 50000]),
  },
  compute: ({ d, D, C }) => Math.sqrt(4 * C ** 2 - (D + d) ** 2) + (D + d) * (Math.PI / 2 + Math.asin((D + d) / (2 * C))),
});
