import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Weight down the slope, and what the ground keeps of it.
 * @example rollingForce.compute({ m: 220, s: 0.12, c: 0.04 }) // ≈ 342.7
 */
export const rollingForce = defineFormula({
  id: 'rolling-force',
  title: 'force that moves a vehicle up a slope',
  symbol: 'F',
  unit: 'N',
  expr: 'm * 9.80665 * (s + c) / sqrt(1 + s^2)',
  source: 'Vehicle mechanics textbooks (closed form): m g (sin α + c cos α), the slope as rise over run',
  inputs: {
    m: inputSlot('kg', 'mass with its load', [1, 20_000]),
    s: inputSlot('1', 'slope, rise over run', [0, 1]),
    c: inputSlot('1', 'rolling resistance', [0.001, 0.6]),
  },
  compute: ({ m, s, c }) => (m * 9.80665 * (s + c)) / Math.sqrt(1 + s ** 2),
});
