import { box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The drill in its plate from the side, and from its point. */
function drawn({ a: across = 13, b: least = 3, c: feed = 0.15, f: pilot = 0 }: Sized): Sketch {
  const r = across / 2;
  const tip = r * 0.6;
  const long = 5 * across;
  const plate = 1.6 * across;
  const wide = 3.4 * across;
  const hole = Math.min(pilot, 0.9 * across) / 2;
  const small = Math.min(least, across) / 2;
  const end = wide + 2.6 * across;
  return {
    strokes: [
      shape(box(-1.3 * across, long, 1.3 * across, long + 1.2 * across)),
      shape([
        [-r, long],
        [-r, -0.6 * plate],
        [0, -0.6 * plate - tip],
        [r, -0.6 * plate],
        [r, long],
      ]),
      ...[0.15, 0.4, 0.65, 0.9].map((s) =>
        path(
          [
            [-r, s * long - 0.1 * long],
            [r, s * long + 0.1 * long],
          ],
          'thin',
        ),
      ),
      shape(box(-wide, -plate, -r, 0), 'stuff'),
      shape(box(r, -plate, wide, 0), 'stuff'),
      ...(hole > 0
        ? [
            path(
              [
                [-hole, -0.6 * plate - tip],
                [-hole, -plate],
              ],
              'hidden',
            ),
            path(
              [
                [hole, -0.6 * plate - tip],
                [hole, -plate],
              ],
              'hidden',
            ),
          ]
        : []),
      path(
        [
          [0, long + 1.4 * across],
          [0, -1.3 * plate],
        ],
        'centre',
      ),
      circle([end, 0.3 * long], r),
      circle([end, 0.3 * long], Math.max(small, 0.04 * across), 'thin'),
      ...centre([end, 0.3 * long], 1.2 * across),
      ...turning([end, 0.3 * long], 0.95 * across, 2.5, 1.2),
      measure('a', [end - r, 0.3 * long], [end + r, 0.3 * long], -1.6 * across),
      letter('b', [end + small + 1.1 * across, 0.3 * long + 0.5 * across]),
      letter('c', [1.1 * across + feed, 0.9 * across]),
      letter('d', [-0.65 * wide, -0.55 * plate]),
      letter('e', [-1.6 * across, long + 0.6 * across]),
      letter('f', [-0.55 * across, -1.15 * plate]),
    ],
  };
}

export const drillSizing: Sizing = {
  name: 'Drill for metal',
  words: ['pillar drill', 'drill press', 'holes', 'bench drill', 'steel'],
  runs: '300 to 3000 rpm',
  tool: 'spindle',
  fields: [
    { letter: 'a', at: 'work/across', where: 'the largest drill', usual: '13 mm', from: '6 mm', to: '20 mm' },
    { letter: 'b', at: 'work/least', where: 'the smallest drill', from: '1 mm', to: '5 mm' },
    { letter: 'c', at: 'work/feed', where: 'a turn, by hand', usual: '0.15 mm', from: '0.05 mm', to: '0.3 mm' },
    { letter: 'd', at: 'work/material', where: 'the toughest of it', usual: 'mild' },
    { letter: 'e', at: 'work/most', where: 'on chuck or spindle', from: '2000 rpm', to: '6000 rpm' },
    { letter: 'f', at: 'work/pilot', where: 'if there is one', from: '0 mm', to: '6 mm' },
  ],
  try: 'Has a drill like it a wattmeter? Watts in the cut less those running free, times 0.7, are the power at the spindle.',
  driven: 'a four-pole motor and stepped pulleys, or three phases on a drive',
  drawn,
};
