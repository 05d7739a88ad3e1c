import { type At, centre, circle, letter, measure, path, type Sketch, shape } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The cone from the side with its thread, a log before it. */
function drawn({ a: pitch = 9, b: wide = 80, c: deep = 200 }: Sized): Sketch {
  const R = wide / 2;
  const turns = Math.min(40, Math.max(3, Math.round((0.8 * deep) / pitch)));
  const half = (x: number) => R * (1 - x / deep);
  const ridge = (side: 1 | -1) =>
    Array.from({ length: turns }, (_, k): At[] => {
      const x = 0.1 * deep + k * pitch;
      return [
        [x, side * half(x)],
        [x + 0.5 * pitch, side * (half(x) + 0.25 * pitch)],
      ];
    }).flat();
  const log = 250;
  const from = deep * 0.62;
  return {
    strokes: [
      shape(
        [
          [from, -1.7 * R],
          [from + log * 0.5, -1.7 * R],
          [from + log * 0.5, 1.7 * R],
          [from, 1.7 * R],
        ],
        'stuff',
      ),
      letter('d', [from + log * 0.42, 1.25 * R]),
      shape([
        [0, R],
        [deep, 0],
        [0, -R],
      ]),
      path(ridge(1), 'thin'),
      path(ridge(-1), 'thin'),
      shape([
        [-0.5 * R, 0.5 * R],
        [0, 0.5 * R],
        [0, -0.5 * R],
        [-0.5 * R, -0.5 * R],
      ]),
      path(
        [
          [-R, 0],
          [deep + 0.4 * R, 0],
        ],
        'centre',
      ),
      circle([-1.9 * R, 0], 0.45 * R),
      ...centre([-1.9 * R, 0], 0.7 * R),
      letter('f', [-1.9 * R, 0.85 * R]),
      letter('e', [from + 0.12 * log, -1.3 * R]),
      measure('b', [0, -R], [0, R], 0.9 * R),
      measure('c', [0, -R], [deep, -R], -0.9 * R),
      measure('a', [0.1 * deep, R], [0.1 * deep + pitch, R], 0.7 * R),
    ],
  };
}

export const coneSplitterSizing: Sizing = {
  name: 'Screw cone splitter',
  words: ['kindling', 'logs', 'firewood', 'stove wood', 'splitter', 'wedge'],
  runs: '280 to 420 rpm',
  tool: 'cone',
  reverses: { why: 'a log that sticks is backed off', must: true },
  fields: [
    { letter: 'a', at: 'work/pitch', where: 'ten threads, by ten', usual: '9 mm', from: '6 mm', to: '12 mm' },
    { letter: 'b', at: 'work/wide', where: 'across its base', usual: '80 mm', from: '60 mm', to: '110 mm' },
    { letter: 'c', at: 'work/deep', where: 'tip to base', usual: '200 mm', from: '150 mm', to: '300 mm' },
    { letter: 'd', at: 'work/wood', where: 'what is split', usual: 'hard' },
    { letter: 'e', at: 'work/force', where: 'jack and scales', from: '2 kN', to: '25 kN' },
    { letter: 'f', at: 'wishes/leastSpeed', where: 'if given', from: '250 rpm', to: '450 rpm' },
  ],
  try: 'Plug out, put a bar on the cone’s shaft and turn it into a log with a spring scale: pull times length is the torque.',
  driven: 'a four-pole motor and one belt of about four to one',
  drawn,
};
