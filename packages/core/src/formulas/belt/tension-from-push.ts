import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A finger, a spring scale and a rule.
 * @example tensionFromPush.compute({ F: 11.2445, q: 6.9329, s: 443.706 }) // ≈ 180
 */
export const tensionFromPush = defineFormula({
  id: 'tension-from-push',
  title: 'tension from a push at mid span',
  symbol: 'T',
  unit: 'N',
  expr: 'F * sqrt(q^2 + (s / 2)^2) / (2 * q)',
  source: 'Force-and-deflection method (closed form), as in RMA and ISO 5292 practice; stretch left out',
  inputs: {
    F: inputSlot('N', 'push at mid span, each belt', [0.1, 1000]),
    q: inputSlot('mm', 'how far it deflects', [0.5, 200]),
    s: inputSlot('mm', 'straight span', [20, 10000]),
  },
  compute: ({ F, q, s }) => (F * Math.sqrt(q ** 2 + (s / 2) ** 2)) / (2 * q),
});
