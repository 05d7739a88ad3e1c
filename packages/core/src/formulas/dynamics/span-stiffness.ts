import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How hard a wheel is to turn against the stretch of the belt or chain on it, the other wheel held.
 * @example spanStiffness.compute({ EA: 40000, z: 1, d: 80, s: 400 }) // 160
 */
export const spanStiffness = defineFormula({
  id: 'span-stiffness',
  title: 'torsional stiffness of a belt or chain',
  symbol: 'k',
  unit: 'N·m/rad',
  expr: 'z * EA * (d / 2)^2 / s / 1000',
  source: 'Hooke’s law, the stretch of a span over the radius (closed form)',
  inputs: {
    EA: inputSlot('N', 'force at which it would be twice as long', [10, 1e9]),
    z: inputSlot('1', 'spans that pull', [0.5, 40]),
    d: inputSlot('mm', 'diameter of the wheel', [1, 5000]),
    s: inputSlot('mm', 'length of a span', [1, 50000]),
  },
  compute: ({ EA, z, d, s }) => (z * EA * (d / 2) ** 2) / s / 1000,
});
