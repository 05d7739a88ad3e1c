import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Turn of a shaft over which a hook is in the cut: from where its tip passes the next shaft’s spacers to where it is deepest.
 * @example biteAngle.compute({ h: 10, D: 130 }) // ≈ 0.5621
 */
export const biteAngle = defineFormula({
  id: 'bite-angle',
  title: 'turn over which a hook cuts',
  symbol: 'a',
  unit: 'rad',
  expr: 'acos(1 - 2 * h / D)',
  source: 'Circular segment (closed form)',
  inputs: { h: inputSlot('mm', 'depth of the hook', [1, 200]), D: inputSlot('mm', 'diameter over the hooks', [20, 2000]) },
  compute: ({ h, D }) => Math.acos(1 - (2 * h) / D),
});
