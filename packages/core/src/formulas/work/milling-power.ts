import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What crushing takes, by the energy a mass of the stuff needs.
 * @example millingPower.compute({ Q: 200, w: 10800 }) // 600
 */
export const millingPower = defineFormula({
  id: 'milling-power',
  title: 'power by throughput',
  symbol: 'P',
  unit: 'W',
  expr: 'Q * w / 3600',
  source: 'Specific energy of size reduction (definition)',
  inputs: {
    Q: inputSlot('kg/h', 'throughput', [1, 20000]),
    w: inputSlot('J/kg', 'energy per mass', [1000, 1000000]),
  },
  compute: ({ Q, w }) => (Q * w) / 3600,
});
