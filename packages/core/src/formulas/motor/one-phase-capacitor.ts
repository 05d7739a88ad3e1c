import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Capacitor that runs a three-phase motor on one phase, at about two thirds of its power.
 * @example onePhaseCapacitor.compute({ P: 750, f: 50, V: 230, c: 0.07 }) // 52.5
 */
export const onePhaseCapacitor = defineFormula({
  id: 'one-phase-capacitor',
  title: 'run capacitor for a three-phase motor on one phase',
  symbol: 'C',
  unit: 'µF',
  expr: 'c * P * (50 / f) * (230 / V)^2',
  source: 'Steinmetz’s circuit: about 70 µF for each kW at 230 V and 50 Hz (common practice, no source)',
  inputs: {
    P: inputSlot('W', 'shaft power on the plate', [10, 4000]),
    f: inputSlot('Hz', 'frequency', [40, 70]),
    V: inputSlot('V', 'voltage of the one phase', [90, 260]),
    c: inputSlot('1', 'µF for each watt', [0.05, 0.1]),
  },
  compute: ({ P, f, V, c }) => c * P * (50 / f) * (230 / V) ** 2,
});
