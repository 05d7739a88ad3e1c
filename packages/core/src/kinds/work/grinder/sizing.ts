import { arc, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The wheel in its guard from its side, and the wheels on their shaft from the front. */
function drawn({ b: across = 200, c: wide = 25, d: many = 2 }: Sized): Sketch {
  const R = across / 2;
  const b = Math.max(wide, 0.03 * across);
  const count = Math.min(Math.max(1, Math.round(many)), 4);
  const gap = Math.max(0.9 * across, 3 * b);
  const from = 1.15 * across;
  return {
    strokes: [
      circle([0, 0], R),
      circle([0, 0], 0.3 * R),
      circle([0, 0], 0.08 * R),
      arc([0, 0], 1.12 * R, 0.35, 0.35 + 1.45 * Math.PI),
      shape(box(1.03 * R, -0.12 * R, 1.6 * R, 0)),
      ...centre([0, 0], 0.4 * R),
      ...turning([0, 0], 0.62 * R, 2.4, 0.9),
      ...Array.from({ length: count }, (_, k) => shape(box(from + k * gap, -R, from + k * gap + b, R))),
      path(
        [
          [from - 0.2 * across, 0],
          [from + (count - 1) * gap + b + 0.2 * across, 0],
        ],
        'centre',
      ),
      measure('b', [-R, 0], [R, 0], -1.3 * R),
      measure('c', [from + b, -R], [from, -R], 0.2 * across),
      letter('a', [0.05 * R, -0.62 * R]),
      letter('d', [from + ((count - 1) * gap + b) / 2 + (count === 1 ? 0.2 * across : 0), 0.22 * across]),
      letter('e', [-0.6 * R, -0.15 * R]),
      letter('f', [1.35 * R, 0.22 * R]),
    ],
  };
}

export const grinderSizing: Sizing = {
  name: 'Grinder, polisher, disc sander',
  words: ['bench grinder', 'grinding wheel', 'buffing', 'polishing', 'disc sander', 'sharpening', 'wire brush', 'angle grinder', 'cut-off'],
  runs: '1400 to 3000 rpm',
  tool: 'wheel shaft',
  fields: [
    { letter: 'a', at: 'work/sort', where: 'what it is', usual: 'stone' },
    { letter: 'b', at: 'work/across', where: 'on its label', usual: '200 mm', from: '100 mm', to: '350 mm' },
    { letter: 'c', at: 'work/wide', where: 'on its label', usual: '25 mm', from: '3 mm', to: '50 mm' },
    { letter: 'd', at: 'work/many', where: 'on one shaft', usual: '2', from: '1', to: '2' },
    { letter: 'e', at: 'work/most', where: 'on its label', from: '2000 rpm', to: '12000 rpm' },
    { letter: 'f', at: 'work/press', where: 'on kitchen scales', from: '15 N', to: '60 N' },
  ],
  try: 'Press a piece on kitchen scales as hard as on the wheel: force, by 0.4, by the radius is the torque.',
  driven: 'a two-pole motor with the wheels on its own shaft, never faster',
  drawn,
};
