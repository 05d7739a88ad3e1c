import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The most ohms that still take the peak at the volts of the link; with more it rises until the drive trips.
 * @example brakingResistance.compute({ V: 700, P: 1233.7 }) // ≈ 397.2
 */
export const brakingResistance = defineFormula({
  id: 'braking-resistance',
  title: 'most resistance of a braking resistor',
  symbol: 'R_b',
  unit: 'Ω',
  expr: 'V^2 / P',
  source: 'Ohm’s law, the power of a resistor',
  inputs: {
    V: inputSlot('V', 'volts at which the drive’s chopper is on', [1, 2000]),
    P: inputSlot('W', 'peak power', [0.001, 1e8]),
  },
  compute: ({ V, P }) => V ** 2 / P,
});
