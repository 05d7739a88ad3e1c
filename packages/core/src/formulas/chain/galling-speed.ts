import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Beyond it pin and bush weld and tear, however well they are oiled.
 * @example gallingSpeed.compute({ p: 25.4, z: 17, F: 4448.2216 }) // ≈ 2341.55
 */
export const gallingSpeed = defineFormula({
  id: 'galling-speed',
  title: 'speed at which the joints of a chain gall',
  symbol: 'n_g',
  unit: 'rpm',
  expr: '1000 * (82.5 / (7.95^(p / 25.4) * 1.0278^z * 1.323^(F / 4448.2216)))^(1 / (1.59 * log(p / 25.4) / log(10) + 1.873))',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-40 (relation, from memory)",
  inputs: {
    p: inputSlot('mm', 'pitch of the chain', [6, 50]),
    z: inputSlot('1', 'teeth of the small sprocket', [9, 60]),
    F: inputSlot('N', 'pull of one strand', [0, 20000]),
  },
  compute: ({ p, z, F }) =>
    1000 * (82.5 / (7.95 ** (p / 25.4) * 1.0278 ** z * 1.323 ** (F / 4448.2216))) ** (1 / ((1.59 * Math.log(p / 25.4)) / Math.log(10) + 1.873)),
});
