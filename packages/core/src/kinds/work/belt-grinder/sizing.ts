import { box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The belt over its wheels from the side, and its width from the front. */
function drawn({ b: wheel = 150, c: wide = 50 }: Sized): Sketch {
  const R = wheel / 2;
  const r = 0.45 * R;
  const far = 3.4 * R;
  const [up, down] = [1.7 * R, -1.3 * R];
  const from = far + 1.6 * wheel;
  const b = Math.max(wide, 0.06 * wheel);
  return {
    strokes: [
      circle([0, 0], R),
      circle([far, up], r),
      circle([far, down], r),
      path(
        [
          [-0.28 * R, 0.96 * R],
          [far - 0.12 * R, up + r],
        ],
        'line',
      ),
      path(
        [
          [far + r, up],
          [far + r, down],
        ],
        'line',
      ),
      path(
        [
          [far - 0.05 * R, down - r],
          [-0.1 * R, -R],
        ],
        'line',
      ),
      shape(box(far + 0.1 * R, down + 0.7 * R, far + 0.9 * r, up - 0.7 * R)),
      shape(box(far + r + 0.02 * wheel, 0.1 * R, far + r + 0.55 * wheel, 0.45 * R), 'stuff'),
      ...centre([0, 0], 0.3 * R),
      ...turning([0, 0], 0.6 * R, 2.4, 0.9),
      shape(box(from, down - r, from + b, up + r)),
      measure('b', [-R, 0], [R, 0], -1.5 * R),
      measure('c', [from + b, down - r], [from, down - r], 0.35 * R),
      letter('a', [far + r + 0.3 * wheel, 0.28 * R]),
      letter('d', [from + b / 2, 0.2 * R]),
      letter('e', [far + r + 0.35 * wheel, 0.95 * R]),
      letter('f', [-0.55 * R, -0.5 * R]),
    ],
  };
}

export const beltGrinderSizing: Sizing = {
  name: 'Belt grinder',
  words: ['belt sander', 'knives', 'linisher', 'blades', 'grinding belt'],
  runs: '1400 to 3300 rpm',
  tool: 'driven wheel',
  fields: [
    { letter: 'a', at: 'work/grinds', where: 'steel or wood', usual: 'metal' },
    { letter: 'b', at: 'work/wheel', where: 'over its rubber', usual: '150 mm', from: '80 mm', to: '250 mm' },
    { letter: 'c', at: 'work/wide', where: 'of the belt', usual: '50 mm', from: '25 mm', to: '150 mm' },
    { letter: 'd', at: 'work/grit', where: 'on its back', usual: 'medium' },
    { letter: 'e', at: 'work/press', where: 'on kitchen scales', usual: '45 N', from: '30 N', to: '70 N' },
    { letter: 'f', at: 'work/rim', where: 'on the wheel', from: '20 m/s', to: '60 m/s' },
  ],
  try: 'Press a blade on kitchen scales as hard as on the belt: half of that, by the speed of the belt, is the power beside what it takes empty.',
  driven: 'three phases on a drive, the wheel on the motor’s own shaft',
  drawn,
};
