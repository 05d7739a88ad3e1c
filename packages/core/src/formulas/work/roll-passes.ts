import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What passes between two rolls: the ribbon in their gap, as far as it is filled.
 * @example rollPasses.compute({ s: 1, l: 100, v: 1, rho: 1000, u: 0.5 }) // 180
 */
export const rollPasses = defineFormula({
  id: 'roll-passes',
  title: 'throughput of two rolls',
  symbol: 'Q',
  unit: 'kg/h',
  expr: '3.6 * s * l * v * rho * u / 1000',
  source:
    'Coulson & Richardson, Chemical Engineering vol. 2 (from memory): volume of the ribbon between crushing rolls, and the share of it that is filled',
  inputs: {
    s: inputSlot('mm', 'gap between the rolls', [0.01, 100]),
    l: inputSlot('mm', 'length of the rolls', [10, 2000]),
    v: inputSlot('m/s', 'rim speed', [0.01, 20]),
    rho: inputSlot('kg/m³', 'density of what is crushed', [50, 8000]),
    u: inputSlot('1', 'share of the gap that is filled', [0.01, 1]),
  },
  compute: ({ s, l, v, rho, u }) => (3.6 * s * l * v * rho * u) / 1000,
});
