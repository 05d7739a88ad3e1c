import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The handbook’s short form; `centresFromLength` is exact. No answer where the belt does not go round both pulleys.
 * @example seriesCentres.compute({ d: 90, D: 224, L: 1600 }) // ≈ 549.30
 */
export const seriesCentres = defineFormula({
  id: 'series-centres',
  title: 'centre distance of an open belt, by the series',
  symbol: 'C',
  unit: 'mm',
  expr: '((L - pi * (D + d) / 2) + sqrt((L - pi * (D + d) / 2)^2 - 2 * (D - d)^2)) / 4',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-16b (relation)",
  inputs: {
    d: inputSlot('mm', 'small pulley, pitch diameter', [1, 5000]),
    D: inputSlot('mm', 'large pulley, pitch diameter', [1, 5000]),
    L: inputSlot('mm', 'length of the belt', [10, 100000]),
  },
  where: {
    turns: ['d', 'D'],
    says: 'the pulleys do not overlap',
    holds: ({ d, D, L }) => d <= D && 4 * Math.sqrt(Math.max(0, (L - (Math.PI * (D + d)) / 2) ** 2 - 2 * (D - d) ** 2)) > 4 * (D + d),
  },
  compute: ({ d, D, L }) => {
    const spare = L - (Math.PI * (D + d)) / 2;
    return spare > 0 ? (spare + Math.sqrt(spare ** 2 - 2 * (D - d) ** 2)) / 4 : Number.NaN;
  },
});
