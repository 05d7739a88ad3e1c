import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Until it is measured by push or tone.
 * @example assumedTension.compute({ u: 1, F_n: 143 }) // 143
 */
export const assumedTension = defineFormula({
  id: 'assumed-tension',
  title: 'tension of a belt set by feel',
  symbol: 'F_i',
  unit: 'N',
  expr: 'u * F_n',
  source: 'Common practice, no source: a belt set by thumb is within half of what it needs',
  inputs: {
    u: inputSlot('1', 'how well it was set', [0.3, 2]),
    F_n: inputSlot('N', 'tension needed', [0.1, 20000]),
  },
  compute: ({ u, F_n }) => u * F_n,
});
