import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The wall’s voltage less what the lead keeps.
 * @example arrivingVoltage.compute({ V_0: 230, dV: 5.83 }) // ≈ 224.2
 */
export const arrivingVoltage = defineFormula({
  id: 'arriving-voltage',
  title: 'voltage left at the motor',
  symbol: 'V',
  unit: 'V',
  expr: 'V_0 - dV',
  source: 'Kirchhoff’s voltage rule',
  inputs: {
    V_0: inputSlot('V', 'voltage at the wall', [1, 1000]),
    dV: inputSlot('V', 'voltage lost in the lead', [0, 500]),
  },
  compute: ({ V_0, dV }) => V_0 - dV,
});
