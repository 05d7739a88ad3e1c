import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example speedOfRim.compute({ v: 35, d: 200 }) // ≈ 3342.25
 */
export const speedOfRim = defineFormula({
  id: 'speed-of-rim',
  title: 'speed at which a rim runs so fast',
  symbol: 'n',
  unit: 'rpm',
  expr: '60000 * v / (pi * d)',
  source: 'Rim speed solved for the turns (closed form)',
  inputs: {
    v: inputSlot('m/s', 'speed of the rim', [0, 100]),
    d: inputSlot('mm', 'diameter', [0.1, 3000]),
  },
  compute: ({ v, d }) => (60_000 * v) / (Math.PI * d),
});
