import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What to push with so that the belt deflects by a sixty-fourth of its span.
 * @example pushForTension.compute({ T: 180, q: 6.9329, s: 443.706 }) // ≈ 11.24
 */
export const pushForTension = defineFormula({
  id: 'push-for-tension',
  title: 'push at mid span for a tension',
  symbol: 'F',
  unit: 'N',
  expr: '2 * T * q / sqrt(q^2 + (s / 2)^2)',
  source: 'Force-and-deflection method (closed form), as in RMA and ISO 5292 practice; stretch left out',
  inputs: {
    T: inputSlot('N', 'tension needed', [0.1, 20000]),
    q: inputSlot('mm', 'how far it deflects', [0.5, 200]),
    s: inputSlot('mm', 'straight span', [20, 10000]),
  },
  compute: ({ T, q, s }) => (2 * T * q) / Math.sqrt(q ** 2 + (s / 2) ** 2),
});
