import { defineFormula, inputSlot } from '../../figure/formula.js';
import { ratedForNothing } from './rated-for-nothing.js';

const rated = ({ d, n, k1, k2, k3, k4, K }: Readonly<Record<'d' | 'n' | 'k1' | 'k2' | 'k3' | 'k4' | 'K', number>>) =>
  745.699872 *
  ((((d / 25.4) * n) / 1000) * (k1 - k2 / (d / 25.4) - k3 * (((d / 25.4) * n) / 1000) ** 2 - k4 * Math.log10(((d / 25.4) * n) / 1000)) +
    ((k2 * n) / 1000) * (1 - 1 / K));

/**
 * Newer belts are given up to twice the older rating on small pulleys.
 * @example newerRating.compute({ d: 76.2, n: 1750, k1: 0.8542, k2: 1.342, k3: 2.436e-4, k4: 0.1703, K: 1 }) // ≈ 1086
 */
export const newerRating = defineFormula({
  id: 'newer-rating',
  title: 'power rating of one belt, newer standard',
  symbol: 'P_r',
  unit: 'W',
  expr: 'max(0, 745.699872 * (d / 25.4 * n / 1000 * (k1 - k2 / (d / 25.4) - k3 * (d / 25.4 * n / 1000)^2 - k4 * log10(d / 25.4 * n / 1000)) + k2 * n / 1000 * (1 - 1 / K)))',
  source: "RMA IP-20 (1988) and IP-22 as printed in Machinery's Handbook; coefficients from memory, with doubt",
  inputs: {
    d: inputSlot('mm', 'pitch diameter of the small pulley', [60, 800]),
    n: inputSlot('rpm', 'speed of the small pulley', [200, 5000]),
    k1: inputSlot('1', 'coefficient of the section', [0.85, 9]),
    k2: inputSlot('1', 'coefficient of the section', [1, 50]),
    k3: inputSlot('1', 'coefficient of the section', [0.0001, 0.002]),
    k4: inputSlot('1', 'coefficient of the section', [0.1, 1.2]),
    K: inputSlot('1', 'speed ratio factor', [1, 1.15]),
  },
  where: {
    turns: ['d', 'n'],
    says: 'the speed is below that at which the rating turns',
    holds: ({ d, n, k1, k2, k3, k4, K }) => {
      const [D, r] = [d / 25.4, n / 1000];
      return K >= 1 && k1 - k2 / D - 3 * k3 * (D * r) ** 2 - k4 * (Math.log10(D * r) + Math.LOG10E) > 0;
    },
  },
  remark: {
    says: ratedForNothing,
    when: (numbers) => rated(numbers) <= 0,
  },
  compute: (numbers) => Math.max(0, rated(numbers)),
});
