import { box, letter, measure, path, type Sketch, shape } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The basket under its plate and screw, in the frame. */
function drawn({ b: area = 125_700, c: screw = 36, d: lead = 6, e: stroke = 300 }: Sized): Sketch {
  const W = Math.sqrt((4 * area) / Math.PI);
  const R = W / 2;
  const tall = Math.min(2.5 * W, Math.max(0.4 * W, 1.4 * stroke));
  const plate = 0.08 * W;
  const nut = tall + stroke + plate + 0.35 * W;
  const r = Math.min(screw / 2, 0.3 * R);
  const ridges = Math.min(50, Math.max(4, Math.round((stroke + 0.5 * W) / Math.max(lead, 0.01 * W))));
  const from = tall + plate;
  const long = nut + 0.25 * W - from;
  return {
    strokes: [
      shape(box(-R, 0, R, tall), 'stuff'),
      path([
        [-R, tall + 0.06 * W],
        [-R, 0],
        [R, 0],
        [R, tall + 0.06 * W],
      ]),
      shape(box(-0.96 * R, tall, 0.96 * R, tall + plate)),
      shape(box(-r, from, r, from + long)),
      ...Array.from({ length: ridges }, (_, k) => {
        const y = from + ((k + 0.5) / ridges) * long;
        return path(
          [
            [-r, y - 0.2 * r],
            [r, y + 0.2 * r],
          ],
          'thin',
        );
      }),
      shape(box(-1.9 * r, nut, 1.9 * r, nut + 0.2 * W)),
      path([
        [-1.3 * R, -0.12 * W],
        [-1.3 * R, nut + 0.1 * W],
        [-1.9 * r, nut + 0.1 * W],
      ]),
      path([
        [1.3 * R, -0.12 * W],
        [1.3 * R, nut + 0.1 * W],
        [1.9 * r, nut + 0.1 * W],
      ]),
      path([
        [-1.45 * R, -0.12 * W],
        [1.45 * R, -0.12 * W],
      ]),
      path(
        [
          [0, -0.2 * W],
          [0, from + long + 0.2 * W],
        ],
        'centre',
      ),
      measure('b', [-R, 0], [R, 0], -0.32 * W),
      letter('a', [0.5 * R, 0.5 * tall]),
      measure('c', [-r, from + long], [r, from + long], 0.16 * W),
      letter('d', [r + 0.12 * W, from + 0.5 * (nut - from)]),
      measure('e', [-1.3 * R, tall], [-1.3 * R, tall + stroke], 0.2 * W),
      letter('f', [-0.45 * R, tall + plate + 0.12 * W]),
    ],
  };
}

export const screwPressSizing: Sizing = {
  name: 'Screw press',
  words: ['cider', 'apple', 'juice', 'grapes', 'cheese', 'veneer', 'arbor', 'vice', 'jack', 'wedge'],
  runs: '10 to 30 rpm',
  tool: 'screw',
  reverses: { why: 'the screw is drawn back', must: true },
  fields: [
    { letter: 'a', at: 'work/material', where: 'in the basket', usual: 'pulp' },
    { letter: 'b', at: 'work/area', where: 'length times width', usual: '1257 cm²', from: '300 cm²', to: '2500 cm²' },
    { letter: 'c', at: 'work/screw', where: 'over its thread', usual: '36 mm', from: '20 mm', to: '60 mm' },
    { letter: 'd', at: 'work/lead', where: 'ten turns, by ten', usual: '6 mm', from: '3 mm', to: '12 mm' },
    { letter: 'e', at: 'work/stroke', where: 'open to pressed', usual: '300 mm', from: '50 mm', to: '600 mm' },
    { letter: 'f', at: 'work/force', where: 'by a car jack', from: '5 kN', to: '100 kN' },
  ],
  try: 'Press it once with a car jack whose tonnes are marked: a tonne is 9.8 kN. Or turn the screw by a bar and a spring scale.',
  driven: 'a geared motor that can be reversed, with a clutch that slips',
  drawn,
};
