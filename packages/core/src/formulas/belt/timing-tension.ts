import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * About half the pull, so that the slack span does not hang loose under it.
 * @example timingTension.compute({ k: 0.5, F: 100, F_c: 1 }) // 51
 */
export const timingTension = defineFormula({
  id: 'timing-tension',
  title: 'tension to set a timing belt to',
  symbol: 'F_n',
  unit: 'N',
  expr: 'k * F + F_c',
  source: 'Balance of the spans (closed form): at half the pull the slack span just stays tight',
  inputs: {
    k: inputSlot('1', 'share of the pull', [0.3, 1.5]),
    F: inputSlot('N', 'difference of the pulls', [0, 60000]),
    F_c: inputSlot('N', 'centrifugal tension', [0, 3000]),
  },
  compute: ({ k, F, F_c }) => k * F + F_c,
});
