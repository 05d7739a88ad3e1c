import { defineFormula, inputSlot } from '../../figure/formula.js';
import { ratedForNothing } from './rated-for-nothing.js';

const rated = ({ v, a, b, c, r, d }: Readonly<Record<'v' | 'a' | 'b' | 'c' | 'r' | 'd', number>>) =>
  745.699872 * v * (a * v ** -0.09 - b / ((r * d) / 25.4) - c * v ** 2);

/**
 * At half a turn of wrap and the length of the table. Cautious: good for a salvaged or nameless belt.
 * @example olderRating.compute({ v: 1, a: 1.945, b: 3.801, c: 0.0136, r: 1, d: 66.04 }) // ≈ 350
 */
export const olderRating = defineFormula({
  id: 'older-rating',
  title: 'power rating of one belt, older standard',
  symbol: 'P_r',
  unit: 'W',
  expr: 'max(0, 745.699872 * v * (a * v^(-0.09) - b / (r * d / 25.4) - c * v^2))',
  source: "RMA 1977 form, which reproduces Shigley's table 17-12 (coefficients from memory)",
  inputs: {
    v: inputSlot('1', 'belt speed in 1000 ft/min', [0.2, 6.5]),
    a: inputSlot('1', 'coefficient of the section', [1.9, 20]),
    b: inputSlot('1', 'coefficient of the section', [3.8, 180]),
    c: inputSlot('1', 'coefficient of the section', [0.01, 0.13]),
    r: inputSlot('1', 'speed ratio factor', [1, 1.14]),
    d: inputSlot('mm', 'pitch diameter of the small pulley', [60, 800]),
  },
  where: {
    turns: ['v'],
    says: 'the speed is below that at which the rating turns',
    holds: ({ v, a, b, c, r, d }) => 0.91 * a * v ** -0.09 - (25.4 * b) / (r * d) - 3 * c * v ** 2 > 0,
  },
  remark: {
    says: ratedForNothing,
    when: (numbers) => rated(numbers) <= 0,
  },
  compute: (numbers) => Math.max(0, rated(numbers)),
});
