import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example criticalSpeed.compute({ f: 140.5 }) // 8430
 */
export const criticalSpeed = defineFormula({
  id: 'critical-speed',
  title: 'speed that strikes a resonance once a turn',
  symbol: 'n_c',
  unit: 'rpm',
  expr: '60 * f',
  source: 'Definition: once a turn',
  inputs: {
    f: inputSlot('Hz', 'resonance', [0.01, 10000]),
  },
  compute: ({ f }) => 60 * f,
});
