import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example bleederPower.compute({ V: 325, R: 15000 }) // ≈ 7.042
 */
export const bleederPower = defineFormula({
  id: 'bleeder-power',
  title: 'power in a discharging resistor at first',
  symbol: 'P_0',
  unit: 'W',
  expr: 'V^2 / R',
  source: 'Ohm’s law and the definition of power',
  inputs: { V: inputSlot('V', 'voltage across it', [1, 1500]), R: inputSlot('Ω', 'its resistance', [100, 10000000]) },
  compute: ({ V, R }) => V ** 2 / R,
});
