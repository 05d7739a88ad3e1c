import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Two to three per cent of the span is right.
 * @example slackSag.compute({ s: 500, e: 1 }) // ≈ 13.7
 */
export const slackSag = defineFormula({
  id: 'slack-sag',
  title: 'sag of the slack strand',
  symbol: 'h',
  unit: 'mm',
  expr: 'sqrt(3 * s * e / 8)',
  source: 'Parabola (closed form)',
  inputs: {
    s: inputSlot('mm', 'straight span', [20, 20000]),
    e: inputSlot('mm', 'spare length', [0, 100]),
  },
  compute: ({ s, e }) => Math.sqrt((3 * s * e) / 8),
});
