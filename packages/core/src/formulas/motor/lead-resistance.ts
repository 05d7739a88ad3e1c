import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * One core of a lead, there only. Both cores of a single-phase lead make twice that.
 * @example leadResistance.compute({ rho: 0.0175, L: 25000, A: 1.5 }) // ≈ 0.2917
 */
export const leadResistance = defineFormula({
  id: 'lead-resistance',
  title: 'resistance of one core of the lead',
  symbol: 'R',
  unit: 'Ω',
  expr: 'rho * L / A / 1000',
  source: 'Definition of resistivity; copper 0.0172 to 0.0178 Ω·mm²/m (handbooks)',
  inputs: {
    rho: inputSlot('Ω·mm²/m', 'resistivity', [0.01, 0.1]),
    L: inputSlot('mm', 'length of the lead', [10, 2000000]),
    A: inputSlot('mm²', 'cross-section of a core', [0.1, 100]),
  },
  compute: ({ rho, L, A }) => (rho * L) / A / 1000,
});
