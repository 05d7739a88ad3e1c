import { type At, around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The toothed roll under its hopper from the end, and the roll from the side. */
function drawn({ a: D = 150, b: long = 200, c: fruit = 70, e: teeth = 8 }: Sized): Sketch {
  const R = D / 2;
  const many = Math.min(60, Math.max(1, Math.round(teeth)));
  const toothed = Array.from({ length: many }, (_, k) => (2 * Math.PI * k) / many).flatMap((angle): At[] => [
    around([0, 0], 0.84 * R, angle - Math.PI / many / 2),
    around([0, 0], R, angle),
    around([0, 0], 0.84 * R, angle + Math.PI / many / 4),
  ]);
  const wide = Math.max(1.25 * D, D + 1.6 * fruit);
  const top = R + 1.2 * D;
  const heap: At[] = [
    [-0.3 * fruit, R + 0.6 * fruit],
    [0.75 * fruit, R + 0.85 * fruit],
    [-0.95 * fruit, R + 1.3 * fruit],
  ];
  const left = wide / 2 + 0.55 * D;
  return {
    strokes: [
      ...heap.map((at) => circle(at, fruit / 2, 'stuff')),
      shape(toothed),
      circle([0, 0], 0.18 * R),
      ...centre([0, 0], 0.35 * R),
      path([
        [-wide / 2, top],
        [-R - 0.06 * D, 0.5 * R],
        [-R - 0.06 * D, -1.25 * R],
      ]),
      path([
        [wide / 2, top],
        [R + 0.06 * D, 0.5 * R],
        [R + 0.06 * D, -1.25 * R],
      ]),
      ...turning([0, 0], 0.6 * R, 2.4, 0.9),
      letter('f', around([0, 0], 0.6 * R, 1.65)),
      measure('a', [-R, -1.3 * R], [R, -1.3 * R], -0.3 * D),
      letter('c', heap[1] as At),
      letter('d', [0, top - 0.12 * D]),
      letter('e', around([0, 0], 0.62 * R, -2.2)),
      shape(box(left, -R, left + long, R)),
      ...[0.84, 0.42, -0.42, -0.84].map((y) =>
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
          [left - 0.25 * D, 0],
          [left + long + 0.25 * D, 0],
        ],
        'centre',
      ),
      measure('b', [left, R], [left + long, R], 0.25 * D),
    ],
  };
}

export const fruitCrusherSizing: Sizing = {
  name: 'Fruit crusher',
  words: ['apple', 'cider', 'mill', 'scratter', 'shredder', 'berries', 'press'],
  runs: '250 to 600 rpm',
  tool: 'roll',
  fields: [
    { letter: 'a', at: 'work/roll', where: 'with a rule', usual: '150 mm', from: '100 mm', to: '250 mm' },
    { letter: 'b', at: 'work/long', where: 'along the teeth', usual: '200 mm', from: '100 mm', to: '400 mm' },
    { letter: 'c', at: 'work/fruit', where: 'a middling one', usual: '70 mm', from: '30 mm', to: '90 mm' },
    { letter: 'd', at: 'work/throughput', where: 'in an hour', usual: '200 kg/h', from: '50 kg/h', to: '600 kg/h' },
    { letter: 'e', at: 'work/teeth', where: 'counted round', usual: '8', from: '4', to: '16' },
    { letter: 'f', at: 'wishes/leastSpeed', where: 'if given', from: '200 rpm', to: '800 rpm' },
  ],
  try: 'Is the roll made already? Clamp a lever to its shaft, put fruit in the nip, and pull with a spring scale: pull times length is the torque.',
  driven: 'a motor and one V-belt',
  drawn,
};
