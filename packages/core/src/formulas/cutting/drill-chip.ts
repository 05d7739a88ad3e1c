import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Thickness of the chip of a drill: each of its two edges takes half of the feed, askew.
 * @example drillChip.compute({ f: 0.2, s: Math.PI }) // 0.1
 */
export const drillChip = defineFormula({
  id: 'drill-chip',
  title: 'thickness of a drill’s chip',
  symbol: 'h',
  unit: 'mm',
  expr: 'f / 2 * sin(s / 2)',
  source: 'Geometry of the chip (closed form)',
  inputs: { f: inputSlot('mm', 'feed a turn', [0.005, 2]), s: inputSlot('rad', 'angle of the point', [0.5, Math.PI]) },
  compute: ({ f, s }) => (f / 2) * Math.sin(s / 2),
});
