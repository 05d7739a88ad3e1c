import { box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The blank on its spindle from the side, and from its end. */
function drawn({ b: across = 400, c: thick = 100, d: lathe = 110, e: off = 3 }: Sized): Sketch {
  const R = across / 2;
  const long = Math.max(thick, 0.1 * across);
  const head = 0.45 * Math.max(across, 0.6 * long) * Math.min(1.5, Math.max(0.6, Math.cbrt(lathe / 110)));
  const spindle = 0.06 * Math.max(across, 0.3 * long);
  const end = long + 0.9 * R + R + 0.3 * across;
  const shown = Math.min(Math.max(off, 0.01 * across), 0.2 * R);
  return {
    strokes: [
      shape(box(-0.35 * across - head, -head, -0.35 * across, 0.6 * head)),
      shape(box(-0.35 * across, -spindle, 0, spindle)),
      shape(box(0, -R, long, R), 'stuff'),
      path(
        [
          [-0.5 * across - head, 0],
          [long + 0.25 * across, 0],
        ],
        'centre',
      ),
      circle([end + shown, 0], R, 'stuff'),
      circle([end, 0], 0.1 * R),
      ...centre([end, 0], 0.3 * R),
      ...turning([end, 0], 0.7 * R, 2.5, 1.2),
      letter('f', [end - 0.35 * R, 0.25 * R]),
      letter('e', [end + shown + 0.25 * R, -0.35 * R]),
      letter('a', [0.5 * long, 0.4 * R]),
      measure('b', [long, -R], [long, R], 0.3 * across),
      measure('c', [0, -R], [long, -R], -0.25 * across),
      letter('d', [-0.35 * across - 0.5 * head, -0.2 * head]),
    ],
  };
}

export const woodLatheSizing: Sizing = {
  name: 'Lathe for wood',
  words: ['bowl', 'turning', 'wood lathe', 'faceplate', 'handles', 'spindle', 'chair legs'],
  runs: '400 to 2500 rpm',
  tool: 'spindle',
  fields: [
    { letter: 'a', at: 'work/does', where: 'bowl or handle', usual: 'bowl' },
    { letter: 'b', at: 'work/across', where: 'before it is turned', usual: '400 mm', from: '30 mm', to: '500 mm' },
    { letter: 'c', at: 'work/thick', where: 'with a rule', usual: '100 mm', from: '50 mm', to: '500 mm' },
    { letter: 'd', at: 'work/lathe', where: 'with its bench', usual: '110 kg', from: '30 kg', to: '400 kg' },
    { letter: 'e', at: 'work/off', where: 'by hand, rest near', usual: '3 mm', from: '1 mm', to: '6 mm' },
    { letter: 'f', at: 'wishes/leastSpeed', where: 'if given', from: '300 rpm', to: '2500 rpm' },
  ],
  try: 'Hang a spring scale on the handle of the gouge while somebody turns by hand: force by the radius is the torque.',
  driven: 'a four-pole motor and two or three belt steps, or three phases on a drive',
  drawn,
};
