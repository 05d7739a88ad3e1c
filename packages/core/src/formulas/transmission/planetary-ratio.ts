import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * In at the sun, out at the carrier.
 * @example planetaryRatio.compute({ z_r: 80, z_s: 20 }) // 5
 */
export const planetaryRatio = defineFormula({
  id: 'planetary-ratio',
  title: 'ratio of a planetary step with its ring held',
  symbol: 'i',
  unit: '1',
  expr: '1 + z_r / z_s',
  source: 'Kinematics of epicyclic trains; Shigley’s Mechanical Engineering Design (10e), gear trains',
  inputs: {
    z_r: inputSlot('1', 'teeth of the ring', [12, 400]),
    z_s: inputSlot('1', 'teeth of the sun', [6, 200]),
  },
  compute: ({ z_r, z_s }) => 1 + z_r / z_s,
});
