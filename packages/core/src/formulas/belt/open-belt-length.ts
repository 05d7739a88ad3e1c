import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Pitch length of an open belt, exact: two straight spans and the two arcs. No answer where one wheel lies inside the other.
 * @example openBeltLength.compute({ d: 100, D: 250, C: 450 }) // ≈ 1462.308
 */
export const openBeltLength = defineFormula({
  id: 'open-belt-length',
  title: 'pitch length of the belt',
  symbol: 'L',
  unit: 'mm',
  expr: '2 * sqrt(C^2 - ((D - d) / 2)^2) + D * (pi / 2 + asin((D - d) / (2 * C))) + d * (pi / 2 - asin((D - d) / (2 * C)))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-2 (relation)",
  inputs: {
    d: inputSlot('mm', 'one pulley, pitch diameter', [1, 5_000]),
    D: inputSlot('mm', 'other pulley, pitch diameter', [1, 5_000]),
    C: inputSlot('mm', 'centre distance', [1, 50_000]),
  },
  compute: ({ d, D, C }) => {
    const lean = Math.asin((D - d) / (2 * C));
    return 2 * Math.sqrt(C ** 2 - ((D - d) / 2) ** 2) + D * (Math.PI / 2 + lean) + d * (Math.PI / 2 - lean);
  },
});
