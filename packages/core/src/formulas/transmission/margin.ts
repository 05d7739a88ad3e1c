import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Share of a limit that is left once the need is met: 0 at the limit, negative past it.
 * @example margin.compute({ has: 10, needs: 8 }) // 0.2
 */
export const margin = defineFormula({
  id: 'margin',
  title: 'share of the limit that is left',
  symbol: 'm',
  unit: '1',
  expr: '1 - needs / has',
  source: 'Definition used throughout Hobrek',
  inputs: { needs: inputSlot('1', 'what is needed', [0, 1e12]), has: inputSlot('1', 'the limit', [1e-12, 1e12]) },
  compute: ({ needs, has }) => 1 - needs / has,
});
