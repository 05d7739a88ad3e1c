import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What a tooth withstands falls with speed: it meets the next one harder.
 * @example toothVelocityFactor.compute({ v: 1.8 }) // ≈ 1.295
 */
export const toothVelocityFactor = defineFormula({
  id: 'tooth-velocity-factor',
  title: 'velocity factor of cut or milled teeth',
  symbol: 'K_v',
  unit: '1',
  expr: '(6.1 + v) / 6.1',
  source: 'Shigley’s Mechanical Engineering Design (10e), eq. 14-6b',
  inputs: {
    v: inputSlot('m/s', 'speed at the pitch circle', [0, 20]),
  },
  compute: ({ v }) => (6.1 + v) / 6.1,
});
