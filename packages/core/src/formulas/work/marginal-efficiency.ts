import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Share of what a motor draws more under load that is at its shaft: what it loses idle is lost either way, only the losses of the load are taken off.
 * @example marginalEfficiency.compute({ eta: 0.72, a: 0.5 }) // ≈ 0.837
 */
export const marginalEfficiency = defineFormula({
  id: 'marginal-efficiency',
  title: 'share of the added watts that is at the shaft',
  symbol: 'k',
  unit: '1',
  expr: '1 / (1 + a * (1 / eta - 1))',
  source: 'Balance of power: of what is lost at full load the share a comes with the load, the rest is lost idling too',
  inputs: {
    eta: inputSlot('1', 'efficiency at full load', [0.1, 1]),
    a: inputSlot('1', 'share of the losses that comes with the load', [0.1, 1]),
  },
  compute: ({ eta, a }) => 1 / (1 + a * (1 / eta - 1)),
});
