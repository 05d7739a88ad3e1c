import { type At, around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** Steel, kg a mm² of a disc and mm of its thickness. */
const steel_kg = 7.85e-6;

/** The disc from before with its knives and the branch, and from the side with a chip’s thickness. */
function drawn({ a: branch = 40, b: D = 320, c: mass = 14, d: set = 6 }: Sized): Sketch {
  const R = D / 2;
  const knives = [0, Math.PI];
  const thick = Math.min(0.3 * D, Math.max(0.01 * D, mass / (steel_kg * Math.PI * R * R)));
  const at: At = [0.62 * R, 0.35 * R];
  const left = R + 0.55 * D;
  const face = left + thick;
  const proud = Math.max(set, 0.01 * D);
  return {
    strokes: [
      circle([0, 0], R),
      circle([0, 0], 0.12 * R),
      ...centre([0, 0], 0.3 * R),
      ...knives.flatMap((angle): Sketch['strokes'] => [path([around([0, 0], 0.3 * R, angle + 0.15), around([0, 0], 0.97 * R, angle + 0.06)])]),
      circle(at, branch / 2, 'stuff'),
      letter('a', [at[0], at[1] + branch / 2 + 0.07 * D]),
      ...turning([0, 0], 0.72 * R, 2.6, 1.4),
      letter('f', around([0, 0], 0.55 * R, 2)),
      measure('b', [-R, -R], [R, -R], -0.22 * D),
      shape(box(left, -R, face, R)),
      letter('c', [left - 0.14 * D, 0.75 * R]),
      shape([
        [face, 0.32 * R],
        [face + proud, 0.42 * R],
        [face, 0.58 * R],
      ]),
      measure('d', [face, 0.42 * R], [face + proud, 0.42 * R], 0.5 * R),
      shape(box(face + proud, -0.55 * R - branch / 2, face + proud + 1.1 * D, -0.55 * R + branch / 2), 'stuff'),
      letter('e', [face + proud + 0.7 * D, -0.55 * R + branch / 2 + 0.09 * D]),
      path(
        [
          [left - 0.2 * D, 0],
          [face + 0.4 * D, 0],
        ],
        'centre',
      ),
    ],
  };
}

export const chipperSizing: Sizing = {
  name: 'Garden chipper',
  words: ['branches', 'hedge', 'wood chips', 'twigs', 'shredder', 'brush'],
  runs: '2000 to 3000 rpm',
  tool: 'disc',
  fields: [
    { letter: 'a', at: 'work/branch', where: 'calliper', usual: '40 mm', from: '20 mm', to: '80 mm' },
    { letter: 'b', at: 'work/disc', where: 'rule across it', usual: '320 mm', from: '250 mm', to: '500 mm' },
    { letter: 'c', at: 'work/mass', where: 'bathroom scales', usual: '14 kg', from: '6 kg', to: '40 kg' },
    { letter: 'd', at: 'work/set', where: 'edge over disc', usual: '6 mm', from: '3 mm', to: '12 mm' },
    { letter: 'e', at: 'work/throughput', where: 'in an hour', usual: '100 kg/h', from: '40 kg/h', to: '300 kg/h' },
    { letter: 'f', at: 'wishes/leastSpeed', where: 'if given', from: '1400 rpm', to: '3000 rpm' },
  ],
  try: 'Borrow a chipper and a plug-in meter: the kilowatt-hours of a weighed heap, its idle run taken off, are the energy a kilogram.',
  driven: 'a two-pole motor straight on the disc’s shaft, or by one belt',
  drawn,
};
