import { box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The blade over its two wheels, with the work on the table. */
function drawn({ b: wheel = 350, c: high = 150, d: thick = 0.65, e: teeth = 6 }: Sized): Sketch {
  const R = wheel / 2;
  const shownHigh = Math.min(Math.max(high, 0.03 * wheel), 1.1 * wheel);
  const top = 2 * R + shownHigh + 0.5 * wheel;
  const table = R + 0.12 * wheel;
  const pitch = Math.max(25.4 / Math.max(teeth, 0.7), 0.02 * wheel);
  const many = Math.min(60, Math.floor((top - 0.02 * wheel) / pitch));
  return {
    strokes: [
      circle([0, 0], R),
      circle([0, top], R),
      circle([0, 0], 0.12 * R),
      circle([0, top], 0.12 * R),
      path(
        [
          [-R, 0],
          [-R, top],
        ],
        'line',
      ),
      path(
        [
          [R, 0],
          [R, top],
        ],
        'line',
      ),
      ...Array.from({ length: many }, (_, k) =>
        path(
          [
            [R, (k + 0.5) * pitch],
            [R + 0.3 * pitch + 0.5 * thick, (k + 0.35) * pitch],
          ],
          'thin',
        ),
      ),
      path(
        [
          [-0.4 * R, table],
          [2.4 * R, table],
        ],
        'line',
      ),
      shape(box(R + 0.02 * wheel, table, 2.2 * R, table + shownHigh), 'stuff'),
      ...centre([0, 0], 0.3 * R),
      ...turning([0, 0], 0.6 * R, 2.6, 1.2),
      measure('b', [-R, 0], [R, 0], -R - 0.15 * wheel),
      measure('c', [2.2 * R, table], [2.2 * R, table + shownHigh], -0.3 * wheel),
      letter('a', [1.6 * R, table + shownHigh / 2]),
      letter('d', [-R - 0.15 * wheel, top / 2]),
      letter('e', [R + 0.18 * wheel, table + shownHigh + 0.18 * wheel]),
    ],
  };
}

export const bandSawSizing: Sizing = {
  name: 'Band saw',
  words: ['bandsaw', 'resaw', 'logs', 'firewood', 'metal saw', 'bars', 'tube'],
  runs: '400 to 1200 rpm in wood, 60 in steel',
  tool: 'wheel',
  fields: [
    { letter: 'a', at: 'work/cuts', where: 'wood or metal', usual: 'wood' },
    { letter: 'b', at: 'work/wheel', where: 'over the tyre', usual: '350 mm', from: '180 mm', to: '500 mm' },
    { letter: 'c', at: 'work/high', where: 'through it at once', usual: '150 mm', from: '20 mm', to: '300 mm' },
    { letter: 'd', at: 'work/thick', where: 'back of the blade', usual: '0.65 mm', from: '0.5 mm', to: '0.9 mm' },
    { letter: 'e', at: 'work/teeth', where: 'along 25 mm', from: '3', to: '18' },
  ],
  try: 'Has a saw like it a wattmeter? Watts in the cut less those running free, times 0.7, are the power at the wheel.',
  driven: 'a four-pole motor and a V-belt for wood, a worm gearbox for metal',
  drawn,
};
