import { around, box, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The cutter in the work from the side and from above. */
function drawn({ a: across = 16, b: teeth = 4, c: depth = 6, d: width = 6 }: Sized): Sketch {
  const R = across / 2;
  const long = 2.6 * across;
  const deep = Math.min(depth, 0.9 * long);
  const wide = Math.min(width, across);
  const left = -1.6 * across;
  const at = 3.4 * across;
  const many = Math.min(Math.max(1, Math.round(teeth)), 24);
  // From the side the work is cut away to the right of the cutter’s edge by the width of the cut.
  const cut = R - wide;
  return {
    strokes: [
      shape(box(-R, -0, R, long)),
      shape(box(-0.8 * across, long, 0.8 * across, long + 0.9 * across)),
      ...[0.2, 0.5, 0.8].map((s) =>
        path(
          [
            [-R, s * long - 0.15 * across],
            [R, s * long + 0.25 * across],
          ],
          'thin',
        ),
      ),
      shape(
        [
          [left, deep],
          [cut, deep],
          [cut, 0],
          [R + 0.6 * across, 0],
          [R + 0.6 * across, -0.9 * across],
          [left, -0.9 * across],
        ],
        'stuff',
      ),
      path(
        [
          [0, long + 1.1 * across],
          [0, -0.3 * across],
        ],
        'centre',
      ),
      shape(box(at - 1.5 * across, R - wide, at + 1.5 * across, R + 0.9 * across), 'stuff'),
      circle([at, 0], R),
      ...Array.from({ length: many }, (_, k) =>
        path([around([at, 0], 0.3 * R, (2 * Math.PI * k) / many), around([at, 0], R, (2 * Math.PI * k) / many + 0.35)]),
      ),
      ...turning([at, 0], 1.25 * R, -0.6, -2.2),
      measure('a', [R, long + 0.9 * across], [-R, long + 0.9 * across], -0.5 * across),
      letter('b', [at, -1.5 * R]),
      measure('c', [left, 0], [left, deep], 0.4 * across),
      measure('d', [at + 1.5 * across, R], [at + 1.5 * across, R - wide], 0.4 * across),
      letter('e', [at - 0.9 * across, R + 0.5 * across]),
      letter('f', [1.3 * across, long + 0.45 * across]),
    ],
  };
}

export const millSizing: Sizing = {
  name: 'Milling spindle',
  words: ['mill', 'router', 'end mill', 'clock plates', 'steel', 'aluminium', 'engraver', 'cutter'],
  runs: '300 to 4000 rpm, routers to 24 000',
  tool: 'spindle',
  fields: [
    { letter: 'a', at: 'work/across', where: 'over its teeth', usual: '16 mm', from: '3 mm', to: '25 mm' },
    { letter: 'b', at: 'work/teeth', where: 'counted', usual: '4', from: '2', to: '6' },
    { letter: 'c', at: 'work/depth', where: 'along the cutter', usual: '6 mm', from: '0.5 mm', to: '12 mm' },
    { letter: 'd', at: 'work/width', where: 'across the cutter', usual: '6 mm', from: '0.5 mm', to: '16 mm' },
    { letter: 'e', at: 'work/material', where: 'the toughest of it', usual: 'mild' },
    { letter: 'f', at: 'work/most', where: 'the bearings’ catalogue', from: '3000 rpm', to: '24000 rpm' },
  ],
  try: 'Has a mill like it a wattmeter? Watts in the cut less those running free, times 0.7, are the power at the spindle.',
  driven: 'three phases on a drive or a servo through a toothed belt, small cutters by a spindle of their own',
  drawn,
};
