import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Volts a radian a second that a series motor makes an ampere, from what it does at one point.
 * @example seriesConstant.compute({ V: 120, pf: 1, I: 8, R: 4, n: 16806.76 }) // ≈ 0.00625
 */
export const seriesConstant = defineFormula({
  id: 'series-constant',
  title: 'constant of the series motor',
  symbol: 'c',
  unit: '1',
  expr: '30 * (V * pf - I * R) / (pi * n * I)',
  source: 'textbooks on electric machines (relation); T = c·I² below saturation',
  inputs: {
    V: inputSlot('V', 'voltage', [1, 1000]),
    pf: inputSlot('1', 'power factor, 1 on DC', [0.3, 1]),
    I: inputSlot('A', 'current', [0.01, 500]),
    R: inputSlot('Ω', 'field and armature in series', [0, 500]),
    n: inputSlot('rpm', 'speed', [1, 60000]),
  },
  compute: ({ V, pf, I, R, n }) => (30 * (V * pf - I * R)) / (Math.PI * n * I),
});
