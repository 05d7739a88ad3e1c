import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power that shaking takes: force by speed, as far as they are in step.
 * @example shakingPower.compute({ F: 870, X: 2.74, n: 1400, u: 0.25 }) // ≈ 43.7
 */
export const shakingPower = defineFormula({
  id: 'shaking-power',
  title: 'power that shaking takes',
  symbol: 'P',
  unit: 'W',
  expr: 'F * X * pi * n * u / 60000',
  source: 'Mean power of a harmonic force (closed form); u is the sine of the angle by which the motion is behind',
  inputs: {
    F: inputSlot('N', 'force of the eccentric', [0.1, 1_000_000]),
    X: inputSlot('mm', 'amplitude', [0.001, 100]),
    n: inputSlot('rpm', 'speed', [1, 20_000]),
    u: inputSlot('1', 'share of it that is in step', [0, 1]),
  },
  compute: ({ F, X, n, u }) => (F * X * Math.PI * n * u) / 60000,
});
