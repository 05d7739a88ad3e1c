import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example starVoltage.compute({ V: 400 }) // ≈ 230.9
 */
export const starVoltage = defineFormula({
  id: 'star-voltage',
  title: 'voltage between one phase and neutral',
  symbol: 'V_Y',
  unit: 'V',
  expr: 'V / sqrt(3)',
  source: 'Definition of three phases; the voltage of a winding in star',
  inputs: { V: inputSlot('V', 'voltage between two phases', [1, 1000]) },
  compute: ({ V }) => V / Math.sqrt(3),
});
