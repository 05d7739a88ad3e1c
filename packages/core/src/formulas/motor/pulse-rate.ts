import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * How fast a stepper has to be stepped.
 * @example pulseRate.compute({ z: 200, m: 16, n: 240 }) // 12800
 */
export const pulseRate = defineFormula({
  id: 'pulse-rate',
  title: 'pulses a second',
  symbol: 'f',
  unit: 'Hz',
  expr: 'z * m * n / 60',
  source: 'Definition: pulses a turn times turns a second',
  inputs: {
    z: inputSlot('1', 'full steps a turn', [4, 1000]),
    m: inputSlot('1', 'microsteps a step', [1, 256]),
    n: inputSlot('rpm', 'speed', [0.001, 10000]),
  },
  compute: ({ z, m, n }) => (z * m * n) / 60,
});
