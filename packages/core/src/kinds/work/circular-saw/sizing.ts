import { around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The blade in the wood from the side, and its kerf from the end of the board. */
function drawn({ a: across = 250, b: kerf = 2.6, c: teeth = 24, d: thick = 50 }: Sized): Sketch {
  const R = across / 2;
  const many = Math.min(Math.max(6, Math.round(teeth)), 80);
  const deep = Math.min(thick, 0.9 * R);
  // The top of the blade is a little over the wood.
  const table = R - deep - 0.06 * across;
  const end = 1.25 * across;
  const cut = Math.max(kerf, 0.02 * across);
  return {
    strokes: [
      shape(box(-0.35 * across, table, 1.05 * across, table + deep), 'stuff'),
      circle([0, 0], 0.96 * R),
      circle([0, 0], 0.16 * R),
      ...Array.from({ length: many }, (_, k) =>
        path(
          [
            around([0, 0], 0.96 * R, (2 * Math.PI * k) / many),
            around([0, 0], R, (2 * Math.PI * (k + 0.25)) / many),
            around([0, 0], 0.96 * R, (2 * Math.PI * (k + 0.4)) / many),
          ],
          'thin',
        ),
      ),
      path(
        [
          [-0.75 * across, table],
          [1.05 * across, table],
        ],
        'line',
      ),
      ...centre([0, 0], 0.25 * R),
      ...turning([0, 0], 0.5 * R, 2.6, 1.2),
      shape(box(end, table, end + 0.3 * across - cut / 2, table + deep), 'stuff'),
      shape(box(end + 0.3 * across + cut / 2, table, end + 0.6 * across, table + deep), 'stuff'),
      measure('a', [-R, 0], [R, 0], -R - 0.12 * across),
      letter('b', [end + 0.3 * across, table + deep + 0.09 * across]),
      letter('c', around([0, 0], 0.78 * R, -0.7)),
      measure('d', [end + 0.6 * across, table], [end + 0.6 * across, table + deep], -0.12 * across),
      letter('e', [0.85 * across, table + deep / 2]),
      letter('f', around([0, 0], 0.45 * R, -1.9)),
    ],
  };
}

export const circularSawSizing: Sizing = {
  name: 'Circular saw for wood',
  words: ['table saw', 'rip', 'bench saw', 'boards', 'firewood', 'sawmill', 'cut-off saw'],
  runs: '2800 to 5000 rpm',
  tool: 'arbor',
  fields: [
    { letter: 'a', at: 'work/across', where: 'over its teeth', usual: '250 mm', from: '160 mm', to: '400 mm' },
    { letter: 'b', at: 'work/kerf', where: 'over a tooth', usual: '2.6 mm', from: '1.8 mm', to: '3.2 mm' },
    { letter: 'c', at: 'work/teeth', where: 'counted', usual: '24', from: '16', to: '80' },
    { letter: 'd', at: 'work/thick', where: 'the thickest board', usual: '50 mm', from: '10 mm', to: '100 mm' },
    { letter: 'e', at: 'work/wood', where: 'the hardest of it', usual: 'hard' },
    { letter: 'f', at: 'work/most', where: 'on its face', from: '4000 rpm', to: '9000 rpm' },
  ],
  try: 'Has a saw like it a wattmeter? Watts in the cut less those running free, times 0.75, are the power at the blade.',
  driven: 'a two-pole motor, direct or through a V-belt that speeds it up',
  drawn,
};
