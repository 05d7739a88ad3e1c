import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The handbook’s short form, visibly short where the pulleys all but touch; kept to compare with.
 * @example seriesBeltLength.compute({ d: 100, D: 250, C: 450 }) // ≈ 1462.3
 */
export const seriesBeltLength = defineFormula({
  id: 'series-belt-length',
  title: 'length of an open belt, by the series',
  symbol: 'L',
  unit: 'mm',
  expr: '2 * C + pi * (D + d) / 2 + (D - d)^2 / (4 * C)',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-16a (relation)",
  inputs: {
    d: inputSlot('mm', 'small pulley, pitch diameter', [1, 5000]),
    D: inputSlot('mm', 'large pulley, pitch diameter', [1, 5000]),
    C: inputSlot('mm', 'centre distance', [1, 50000]),
  },
  where: { turns: ['d', 'D', 'C'], says: 'the pulleys do not overlap', holds: ({ d, D, C }) => D + d < 2 * C },
  compute: ({ d, D, C }) => 2 * C + (Math.PI * (D + d)) / 2 + (D - d) ** 2 / (4 * C),
});
