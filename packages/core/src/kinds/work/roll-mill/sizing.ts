import { around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** Two rolls under a hopper from the end, and one of them along its length. */
function drawn({ a: D = 50, b: long = 150, c: gap = 1.1, f: arm = 90 }: Sized): Sketch {
  const R = D / 2;
  const apart = R + gap / 2;
  const top = R + 1.3 * D;
  const left = apart + R + 1.4 * D;
  // The crank is drawn no longer than the rolls are wide.
  const grip = around([apart, 0], Math.min(arm, 1.3 * D), 0.5);
  const kernels = [
    [-0.1, 1.15],
    [0.12, 1.35],
    [-0.22, 1.6],
    [0.25, 1.7],
    [0, 1.9],
  ] as const;
  return {
    strokes: [
      ...kernels.map(([x, y]) => circle([x * D, y * R + 0.2 * R], 0.06 * D, 'stuff')),
      ...[-1, 1].flatMap((side) => [
        circle([side * apart, 0], R),
        circle([side * apart, 0], 0.9 * R, 'thin'),
        circle([side * apart, 0], 0.16 * R),
        ...centre([side * apart, 0], 0.3 * R),
        path([
          [side * (apart + 0.55 * R), top],
          [side * 0.45 * D, R + 0.25 * D],
          [side * 0.45 * D, 0.92 * R],
        ]),
      ]),
      ...turning([-apart, 0], 0.62 * R, 2.2, 0.6),
      ...turning([apart, 0], 0.62 * R, 0.9, 2.5),
      measure('a', [-apart - R, -1.15 * R], [-apart + R, -1.15 * R], -0.3 * D),
      measure('c', [-gap / 2, -0.15 * R], [gap / 2, -0.15 * R], -1.5 * D),
      letter('d', [0, top - 0.1 * D]),
      path([[apart, 0], grip]),
      letter('e', around(grip, 0.28 * R, 0.6)),
      letter('f', around([apart, 0], 0.72 * Math.hypot(grip[0] - apart, grip[1]), 0.32)),
      shape(box(left, -R, left + long, R)),
      ...[-0.6, -0.2, 0.2, 0.6].map((y) =>
        path(
          [
            [left, y * R],
            [left + long, y * R],
          ],
          'thin',
        ),
      ),
      path(
        [
          [left - 0.3 * D, 0],
          [left + long + 0.3 * D, 0],
        ],
        'centre',
      ),
      measure('b', [left, R], [left + long, R], 0.3 * D),
    ],
  };
}

export const rollMillSizing: Sizing = {
  name: 'Roll mill',
  words: ['malt', 'grain', 'crush', 'crack', 'wheat', 'oats', 'brewing', 'grapes', 'flaker'],
  runs: '150 to 300 rpm',
  tool: 'driven roll',
  fields: [
    { letter: 'a', at: 'work/roll', where: 'calliper', usual: '50 mm', from: '38 mm', to: '130 mm' },
    { letter: 'b', at: 'work/long', where: 'along a roll', usual: '150 mm', from: '100 mm', to: '300 mm' },
    { letter: 'c', at: 'work/gap', where: 'feeler gauge', usual: '1.1 mm', from: '0.7 mm', to: '2 mm' },
    { letter: 'd', at: 'work/throughput', where: 'while it mills', usual: '150 kg/h', from: '60 kg/h', to: '300 kg/h' },
    { letter: 'e', at: 'work/pull', where: 'scale at its crank', from: '20 N', to: '80 N' },
    { letter: 'f', at: 'work/arm', where: 'shaft to scale', from: '150 mm', to: '300 mm' },
  ],
  try: 'Has it a crank already? Fill the hopper, pull the crank round with a spring scale: pull times length is the torque.',
  driven: 'a geared motor, or a motor and a belt with a small and a very large pulley',
  drawn,
};
