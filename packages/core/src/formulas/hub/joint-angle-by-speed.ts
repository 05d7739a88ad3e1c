import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What its bearings withstand: speed times angle.
 * @example jointAngleBySpeed.compute({ k: 18000, n: 1500 }) // ≈ 0.2094
 */
export const jointAngleBySpeed = defineFormula({
  id: 'joint-angle-by-speed',
  title: 'angle that one universal joint may bend by at a speed',
  symbol: 'beta_1',
  unit: 'rad',
  expr: 'k / n * pi / 180',
  source: 'Makers’ usual limit of speed times angle (common practice, no source)',
  inputs: {
    k: inputSlot('1', 'speed times angle, rpm and degrees', [1000, 50000]),
    n: inputSlot('rpm', 'speed', [1, 10000]),
  },
  compute: ({ k, n }) => ((k / n) * Math.PI) / 180,
});
