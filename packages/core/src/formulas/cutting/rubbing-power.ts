import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power of what is pressed on something that runs past.
 * @example rubbingPower.compute({ F: 25, mu: 0.4, v: 30 }) // 300
 */
export const rubbingPower = defineFormula({
  id: 'rubbing-power',
  title: 'power of what is pressed on',
  symbol: 'P',
  unit: 'W',
  expr: 'F * mu * v',
  source: 'Closed form: friction by speed',
  inputs: {
    F: inputSlot('N', 'force that presses', [0.1, 2000]),
    mu: inputSlot('1', 'drag over that force', [0.05, 1.5]),
    v: inputSlot('m/s', 'speed it runs past with', [0.1, 100]),
  },
  compute: ({ F, mu, v }) => F * mu * v,
});
