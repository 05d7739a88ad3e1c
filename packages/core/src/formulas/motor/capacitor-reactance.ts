import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example capacitorReactance.compute({ f: 50, C: 30 }) // ≈ 106.1
 */
export const capacitorReactance = defineFormula({
  id: 'capacitor-reactance',
  title: 'reactance of a capacitor',
  symbol: 'X_C',
  unit: 'Ω',
  expr: '1000000 / (2 * pi * f * C)',
  source: 'Definition of reactance',
  inputs: { f: inputSlot('Hz', 'frequency', [10, 400]), C: inputSlot('µF', 'capacitance', [0.1, 10000]) },
  compute: ({ f, C }) => 1e6 / (2 * Math.PI * f * C),
});
