import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed under the rated torque on another wall: the lag behind the field grows as the flux falls.
 * @example speedOnWall.compute({ n_s: 1800, n_p: 1500, n: 1425, phi: 0.833 }) // ≈ 1692
 */
export const speedOnWall = defineFormula({
  id: 'speed-on-wall',
  title: 'speed on this wall',
  symbol: 'n',
  unit: 'rpm',
  expr: 'n_s - (n_p - n) / phi^2',
  source: 'Textbooks on electric machines (relation): at one torque the lag goes with 1/flux²',
  inputs: {
    n_s: inputSlot('rpm', 'synchronous speed on this wall', [100, 24000]),
    n_p: inputSlot('rpm', 'synchronous speed of the plate', [100, 24000]),
    n: inputSlot('rpm', 'speed on the plate', [50, 24000]),
    phi: inputSlot('1', 'flux over that of the plate', [0.5, 1.5]),
  },
  compute: ({ n_s, n_p, n, phi }) => n_s - (n_p - n) / phi ** 2,
});
