import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Power of oil or water under pressure.
 * @example fluidPower.compute({ p: 180, Q: 16 }) // ≈ 4800
 */
export const fluidPower = defineFormula({
  id: 'fluid-power',
  title: 'power from pressure and flow',
  symbol: 'P',
  unit: 'W',
  expr: '100 * p * Q / 60',
  source: 'Definition: power is pressure × flow; a bar is 10⁵ Pa, a litre a minute 1/60 of 10⁻³ m³/s',
  inputs: { p: inputSlot('bar', 'pressure', [0, 1_000]), Q: inputSlot('L/min', 'flow', [0, 100_000]) },
  compute: ({ p, Q }) => (100 * p * Q) / 60,
});
