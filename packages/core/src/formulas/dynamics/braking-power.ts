import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What flows back at the first moment of an even stop, when it turns fastest: twice the mean.
 * @example brakingPower.compute({ E: 1850.55, t: 3 }) // ≈ 1233.7
 */
export const brakingPower = defineFormula({
  id: 'braking-power',
  title: 'peak power while it is braked evenly',
  symbol: 'P_p',
  unit: 'W',
  expr: '2 * E / t',
  source: 'Closed form: power falls with the speed, from its peak to nought',
  inputs: {
    E: inputSlot('J', 'energy of what spins', [0, 1e9]),
    t: inputSlot('s', 'time of the stop', [0.01, 10_000]),
  },
  compute: ({ E, t }) => (2 * E) / t,
});
