import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power that a motor made for a part of the time runs for so long, beginning cold: as warm as in its plate’s duty, and no more than its plate says.
 * @example powerForATime.compute({ P: 1680, h: 0.4, t: 1000000, tau: 1800 }) // ≈ 1063
 */
export const powerForATime = defineFormula({
  id: 'power-for-a-time',
  title: 'power that a motor runs for so long',
  symbol: 'P_t',
  unit: 'W',
  expr: 'P * min(1, sqrt(h / (1 - exp(-t / tau))))',
  source: 'Textbooks on electric machines: equal warmth, losses with the square of the load, what it loses idling left out',
  inputs: {
    P: inputSlot('W', 'power of the plate', [1, 1000000.0]),
    h: inputSlot('1', 'warmth of the plate’s duty over that of running on', [0.001, 1]),
    t: inputSlot('s', 'how long it runs', [1, 1000000000]),
    tau: inputSlot('s', 'thermal time constant', [60, 36000]),
  },
  compute: ({ P, h, t, tau }) => P * Math.min(1, Math.sqrt(h / (1 - Math.exp(-t / tau)))),
});
