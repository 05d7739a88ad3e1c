import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * A plate for 40 % of the time promises more than the winding withstands for good.
 * @example continuousPower.compute({ P: 1680, s: 0.4 }) // ≈ 1063
 */
export const continuousPower = defineFormula({
  id: 'continuous-power',
  title: 'power that a motor runs all day',
  symbol: 'P_c',
  unit: 'W',
  expr: 'P * sqrt(s)',
  source: 'Common practice, no source: equal heat, losses with the square of the load, what it loses idling left out',
  inputs: {
    P: inputSlot('W', 'power of the intermittent duty', [1, 1000000.0]),
    s: inputSlot('1', 'share of the time on load', [0.01, 1]),
  },
  compute: ({ P, s }) => P * Math.sqrt(s),
});
