import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example capacitorCurrent.compute({ V: 230, X_C: 106.1 }) // ≈ 2.168
 */
export const capacitorCurrent = defineFormula({
  id: 'capacitor-current',
  title: 'current through a capacitor',
  symbol: 'I_C',
  unit: 'A',
  expr: 'V / X_C',
  source: 'Ohm’s law, with the reactance in the place of the resistance',
  inputs: { V: inputSlot('V', 'voltage across it', [1, 1000]), X_C: inputSlot('Ω', 'its reactance', [0.01, 100000]) },
  compute: ({ V, X_C }) => V / X_C,
});
