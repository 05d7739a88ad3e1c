import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How warm a motor gets at its plate’s power in the duty that the plate states, as a share of what it would come to running on: a rest between loads, or an end
 * after so many minutes, is what it is allowed.
 * @example dutyHeat.compute({ t_on: 240, t_c: 600, tau: 1200 }) // ≈ 0.461
 */
export const dutyHeat = defineFormula({
  id: 'duty-heat',
  title: 'warmth of the plate’s duty over that of running on',
  symbol: 'h',
  unit: '1',
  expr: '(1 - exp(-t_on / tau)) / (1 - exp(-t_c / tau))',
  source: 'Textbooks on electric machines, duty types of IEC 60034-1: one thermal time constant, the same running and resting',
  inputs: {
    t_on: inputSlot('s', 'time on load', [1, 86400]),
    t_c: inputSlot('s', 'length of a cycle; without an end for a short time', [1, 1000000000]),
    tau: inputSlot('s', 'thermal time constant', [60, 36000]),
  },
  where: { says: 'for a time on load within its cycle', turns: ['tau'], holds: ({ t_on, t_c }) => t_on <= t_c },
  compute: ({ t_on, t_c, tau }) => (1 - Math.exp(-t_on / tau)) / (1 - Math.exp(-t_c / tau)),
});
