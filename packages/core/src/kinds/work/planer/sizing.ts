import { around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The block over the board from the side, and the board from its end. */
function drawn({ a: block = 63, b: knives = 3, c: wide = 180, d: depth = 2 }: Sized): Sketch {
  const R = block / 2;
  const many = Math.min(Math.max(1, Math.round(knives)), 12);
  const cut = Math.min(Math.max(depth, 0.03 * block), 0.5 * R);
  const thick = 0.5 * block;
  const left = -1.7 * block;
  const end = 1.9 * block;
  // The edges run in a circle that reaches down to what is planed.
  return {
    strokes: [
      circle([0, 0], 0.9 * R),
      ...Array.from({ length: many }, (_, k) =>
        path([
          around([0, 0], 0.5 * R, (2 * Math.PI * k) / many - Math.PI / 2 - 0.4),
          around([0, 0], R, (2 * Math.PI * k) / many - Math.PI / 2),
          around([0, 0], 0.86 * R, (2 * Math.PI * k) / many - Math.PI / 2 + 0.15),
        ]),
      ),
      shape(
        [
          [left, -R],
          [0, -R],
          [0.7 * R, -R + cut],
          [1.5 * block, -R + cut],
          [1.5 * block, -R - thick],
          [left, -R - thick],
        ],
        'stuff',
      ),
      ...centre([0, 0], 0.35 * R),
      ...turning([0, 0], 0.62 * R, 0.6, 2.2),
      circle([-1.35 * block, -R + 0.28 * block], 0.28 * block, 'thin'),
      circle([1.25 * block, -R + cut + 0.28 * block], 0.28 * block, 'thin'),
      shape(box(end, -R - thick, end + wide, -R + cut), 'stuff'),
      path(
        [
          [end, -R],
          [end + wide, -R],
        ],
        'thin',
      ),
      measure('a', [-R, 0], [R, 0], R + 0.3 * block),
      letter('b', around([0, 0], 1.75 * R, 0.6)),
      measure('c', [end, -R - thick], [end + wide, -R - thick], -0.3 * block),
      letter('d', [end + wide + 0.18 * block, -R + cut / 2]),
      letter('e', [-0.9 * block, -R - 0.5 * thick]),
      letter('f', around([0, 0], 1.75 * R, 2.6)),
    ],
  };
}

export const planerSizing: Sizing = {
  name: 'Planer, thicknesser',
  words: ['thicknesser', 'jointer', 'planing', 'boards', 'surfacer'],
  runs: '4000 to 6500 rpm',
  tool: 'cutter block',
  fields: [
    { letter: 'a', at: 'work/block', where: 'over two edges', usual: '63 mm', from: '50 mm', to: '125 mm' },
    { letter: 'b', at: 'work/knives', where: 'counted', usual: '3', from: '2', to: '4' },
    { letter: 'c', at: 'work/wide', where: 'the widest board', usual: '180 mm', from: '80 mm', to: '400 mm' },
    { letter: 'd', at: 'work/depth', where: 'in one pass', usual: '2 mm', from: '0.5 mm', to: '3 mm' },
    { letter: 'e', at: 'work/wood', where: 'the hardest of it', usual: 'hard' },
    { letter: 'f', at: 'work/most', where: 'on the block', from: '4000 rpm', to: '9000 rpm' },
  ],
  try: 'Has a planer like it a wattmeter? Watts in the cut less those running free, times 0.75, are the power at the block.',
  driven: 'a two-pole motor and a V-belt that speeds it up',
  drawn,
};
