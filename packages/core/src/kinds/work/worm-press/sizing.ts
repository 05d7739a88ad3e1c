import { type At, box, letter, measure, path, type Sketch, shape } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The worm in its cage from the side, hopper on top, nozzle at the end. */
function drawn({ b: throughput = 6, c: D = 44 }: Sized): Sketch {
  const R = D / 2;
  const long = 4 * D;
  const flights = Array.from({ length: 7 }, (_, k): At[] => {
    const x = (k / 7) * long + 0.05 * long;
    return [
      [x, -R],
      [x + 0.5 * R, R],
    ];
  });
  // The hopper grows with what goes through it.
  const hopper = D * Math.min(1.6, Math.max(0.6, Math.cbrt(throughput / 6)));
  return {
    strokes: [
      shape(box(-0.05 * D, -1.18 * R, long, 1.18 * R)),
      shape([
        [0, 0.45 * R],
        [long, 0.8 * R],
        [long, -0.8 * R],
        [0, -0.45 * R],
      ]),
      ...flights.map((flight) => path(flight, 'thin')),
      shape([
        [long, 1.18 * R],
        [long + 0.8 * D, 0.4 * R],
        [long + 0.8 * D, -0.4 * R],
        [long, -1.18 * R],
      ]),
      shape(
        [
          [0.12 * long, 1.18 * R],
          [0.12 * long - 0.5 * hopper, 1.18 * R + hopper],
          [0.12 * long + 0.9 * hopper, 1.18 * R + hopper],
          [0.12 * long + 0.4 * hopper, 1.18 * R],
        ],
        'stuff',
      ),
      letter('a', [0.12 * long + 0.2 * hopper, 1.18 * R + 0.62 * hopper]),
      letter('b', [0.12 * long + 1.15 * hopper, 1.18 * R + 0.8 * hopper]),
      ...[0.45, 0.6, 0.75].map((x) =>
        path([
          [x * long, -1.18 * R],
          [x * long, -1.5 * R],
        ]),
      ),
      measure('c', [long * 0.98, -R], [long * 0.98, R], -1.6 * D),
      shape(box(-0.05 * D - 1.1 * D, -0.3 * R, -0.05 * D, 0.3 * R)),
      letter('e', [-0.7 * D, 0.75 * R]),
      letter('d', [0.6 * long, -1.95 * R]),
      path(
        [
          [-1.4 * D, 0],
          [long + 1.1 * D, 0],
        ],
        'centre',
      ),
    ],
  };
}

export const wormPressSizing: Sizing = {
  name: 'Oil press',
  words: ['seed', 'sunflower', 'rape', 'expeller', 'nuts', 'worm', 'screw press'],
  runs: '30 to 60 rpm',
  tool: 'worm',
  reverses: { why: 'a worm that is stuck is backed out', must: true },
  fields: [
    { letter: 'a', at: 'work/seed', where: 'what goes in', usual: 'sunflower' },
    { letter: 'b', at: 'work/throughput', where: 'seed in an hour', usual: '6 kg/h', from: '2 kg/h', to: '15 kg/h' },
    { letter: 'c', at: 'work/worm', where: 'over its flights', usual: '44 mm', from: '25 mm', to: '80 mm' },
    { letter: 'd', at: 'work/energy', where: 'energy meter, if tried', from: '50 kWh/t', to: '150 kWh/t' },
    { letter: 'e', at: 'wishes/leastSpeed', where: 'if given', from: '25 rpm', to: '60 rpm' },
  ],
  try: 'Is it made already? Turn it by a crank, warm and full, with a spring scale: pull times length is the torque.',
  driven: 'a geared motor that can be reversed',
  drawn,
};
