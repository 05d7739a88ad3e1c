import { defineFormula, slot } from '../../figure/formula.js';

/**
 * A stalled winding heats at once and alone; the iron comes too late to help.
 * @example lockedSeconds.compute({ c: 175, dT: 80, k: 5, J: 6 }) // ≈ 15.6
 */
export const lockedSeconds = defineFormula({
  id: 'locked-seconds',
  title: 'how long the winding stands being stalled',
  symbol: 't',
  unit: 's',
  expr: 'c * dT / (k * J)^2',
  source: 'Copper heated without loss: ρ·J² against its heat capacity (closed form, 175 A²·s/(mm⁴·K) for copper at 100 °C)',
  inputs: {
    c: slot('1', 'heat constant of copper, A²·s/(mm⁴·K)', [150, 200]),
    dT: slot('K', 'temperature left', [1, 300]),
    k: slot('1', 'stalled over rated current', [1.5, 12]),
    J: slot('A/mm²', 'current density at rated load', [2, 15]),
  },
  compute: ({ c, dT, k, J }) => (c * dT) / (k * J) ** 2,
});
