import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * What is left in a capacitor when the plug is pulled at the peak of the voltage.
 * @example capacitorEnergy.compute({ C: 30, V: 230 }) // 1.587
 */
export const capacitorEnergy = defineFormula({
  id: 'capacitor-energy',
  title: 'energy in a capacitor at the peak of the voltage',
  symbol: 'E',
  unit: 'J',
  expr: 'C / 1000000 * (V * sqrt(2))^2 / 2',
  source: 'Definition of capacitance; the peak is √2 of the voltage',
  inputs: { C: inputSlot('µF', 'capacitance', [0.1, 10000]), V: inputSlot('V', 'voltage', [1, 1000]) },
  compute: ({ C, V }) => ((C / 1e6) * (V * Math.SQRT2) ** 2) / 2,
});
