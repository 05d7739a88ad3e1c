import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * All the motor’s power turns into heat where the belt slips.
 * @example beltHeatingTime.compute({ m: 0.105, L: 1369, c: 1700, dT: 80, T: 4, n: 1425 }) // ≈ 32.75
 */
export const beltHeatingTime = defineFormula({
  id: 'belt-heating-time',
  title: 'how long a belt may slip',
  symbol: 't',
  unit: 's',
  expr: 'm * L / 1000 * c * dT / (T * pi * n / 30)',
  source:
    'Balance of heat, all of it into the belt (what the pulley takes is left as reserve): rubber 1500 to 2000 J/(kg·K) (handbooks), 60 to 100 K before it glazes (common practice, no source)',
  inputs: {
    m: inputSlot('kg/m', 'mass of the belt per length', [0.01, 5]),
    L: inputSlot('mm', 'length of the belt', [100, 20000]),
    c: inputSlot('J/(kg·K)', 'specific heat of the belt', [1000, 2500]),
    dT: inputSlot('K', 'temperature left', [10, 200]),
    T: inputSlot('N·m', 'torque at which it slips', [0.01, 100000.0]),
    n: inputSlot('rpm', 'speed of the pulley it slips on', [10, 20000]),
  },
  compute: ({ m, L, c, dT, T, n }) => (((m * L) / 1000) * c * dT) / ((T * Math.PI * n) / 30),
});
