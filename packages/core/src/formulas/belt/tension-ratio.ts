import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * At the point of slipping; the part of the tension that holds the belt to its circle is taken off first.
 * @example tensionRatio.compute({ mu: 0.9215, theta: 2.793 }) // ≈ 13.1
 */
export const tensionRatio = defineFormula({
  id: 'tension-ratio',
  title: 'most that the tight span pulls over the slack one',
  symbol: 'e',
  unit: '1',
  expr: 'exp(mu * theta)',
  source: 'Euler–Eytelwein rope friction (closed form)',
  inputs: {
    mu: inputSlot('1', 'friction in the groove', [0.01, 3]),
    theta: inputSlot('rad', 'arc of contact', [0.1, 6.3]),
  },
  compute: ({ mu, theta }) => Math.exp(mu * theta),
});
