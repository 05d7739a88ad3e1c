import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example criticalSpeed.compute({ f: 140.5, o: 1 }) // 8430
 */
export const criticalSpeed = defineFormula({
  id: 'critical-speed',
  title: 'speed that strikes a resonance',
  symbol: 'n_c',
  unit: 'rpm',
  expr: '60 * f / o',
  source: 'Definition: so many times a turn; a four-stroke engine of one cylinder fires every other turn (order ½)',
  inputs: {
    f: inputSlot('Hz', 'resonance', [0.01, 10000]),
    o: inputSlot('1', 'times a turn that it is struck', [0.5, 12]),
  },
  compute: ({ f, o }) => (60 * f) / o,
});
