import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * In at the sun, out at the ring, which turns the other way round.
 * @example carrierHeldRatio.compute({ z_r: 72, z_s: 24 }) // 3
 */
export const carrierHeldRatio = defineFormula({
  id: 'carrier-held-ratio',
  title: 'ratio of a planetary step with its carrier held',
  symbol: 'i',
  unit: '1',
  expr: 'z_r / z_s',
  source: 'Kinematics of epicyclic trains; Shigley’s Mechanical Engineering Design (10e), gear trains',
  inputs: {
    z_r: inputSlot('1', 'teeth of the ring', [12, 400]),
    z_s: inputSlot('1', 'teeth of the sun', [6, 200]),
  },
  compute: ({ z_r, z_s }) => z_r / z_s,
});
