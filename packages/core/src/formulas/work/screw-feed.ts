import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Speed along a screw that turns.
 * @example screwFeed.compute({ n: 350, l: 9 }) // 52.5
 */
export const screwFeed = defineFormula({
  id: 'screw-feed',
  title: 'speed along a screw',
  symbol: 'v',
  unit: 'mm/s',
  expr: 'n * l / 60',
  source: 'A lead a turn (definition)',
  inputs: { n: inputSlot('rpm', 'speed of the screw', [0.1, 20_000]), l: inputSlot('mm', 'lead', [0.1, 200]) },
  compute: ({ n, l }) => (n * l) / 60,
});
