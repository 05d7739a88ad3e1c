import { type At, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** Media with their gaps, kg a litre (common practice, no source). */
const media_kg_l = 1.5;
const steel_kg_mm3 = 7.85e-6;

/** A spring as it is drawn: so many turns between two heights. */
const coil = (x: number, from: number, to: number, wide: number): Sketch['strokes'] => [
  path(Array.from({ length: 9 }, (_, k): At => [x + (k % 2 === 0 ? -wide : wide) / 2, from + ((to - from) * k) / 8])),
];

/** The tub on its springs, the eccentric under it. */
function drawn({ a: tub = 9, b: load = 13, c: offcut = 0.9, d: radius = 45, e: sag = 100 }: Sized): Sketch {
  // As wide as a bowl that is half as deep as wide and holds its load to two thirds.
  const W = 2 * Math.cbrt(((load / media_kg_l / 0.66) * 1e6) / Math.PI);
  const H = 0.5 * W;
  const wall = Math.min(0.08 * W, Math.max(0.015 * W, 0.004 * W * tub));
  const springs = Math.max(0.35 * W, 0.9 * sag);
  const shaft: At = [0, -0.28 * W];
  const e = Math.min(radius, 0.3 * W);
  // A square off-cut a third as thick as wide.
  const size = Math.min(0.25 * W, Math.cbrt((3 * offcut) / steel_kg_mm3));
  return {
    strokes: [
      shape(box(-W / 2, 0, W / 2, 0.66 * H), 'stuff'),
      letter('b', [0, 0.33 * H]),
      path([
        [-W / 2, H],
        [-W / 2, 0],
        [W / 2, 0],
        [W / 2, H],
      ]),
      path([
        [-W / 2 - wall, H],
        [-W / 2 - wall, -wall],
        [W / 2 + wall, -wall],
        [W / 2 + wall, H],
      ]),
      letter('a', [W / 2 + wall + 0.1 * W, 0.8 * H]),
      ...[-0.4, 0.4].flatMap((x) => coil(x * W, -wall - springs, -wall, 0.1 * W)),
      path([
        [-0.62 * W, -wall - springs],
        [0.62 * W, -wall - springs],
      ]),
      measure('e', [0.4 * W, -wall - springs], [0.4 * W, -wall], -0.32 * W),
      circle(shaft, 0.05 * W),
      ...centre(shaft, 0.09 * W),
      shape(box(shaft[0] + e - size / 2, shaft[1] - size / 2, shaft[0] + e + size / 2, shaft[1] + size / 2)),
      path([shaft, [shaft[0] + e, shaft[1]]], 'thin'),
      letter('c', [shaft[0] + e + size / 2 + 0.07 * W, shaft[1] + 0.04 * W]),
      measure('d', shaft, [shaft[0] + e, shaft[1]], -0.16 * W),
      ...turning(shaft, 0.13 * W, 3.6, 2.1),
      letter('f', [shaft[0] - 0.22 * W, shaft[1]]),
    ],
  };
}

export const vibratoryTumblerSizing: Sizing = {
  name: 'Vibrating tub',
  words: ['vibratory', 'vibration', 'deburr', 'polish', 'brass', 'media', 'bowl', 'shaker', 'table', 'concrete'],
  runs: '1400 to 2900 rpm',
  tool: 'exciter shaft',
  fields: [
    { letter: 'a', at: 'work/tub', where: 'scales, empty', usual: '9 kg', from: '1 kg', to: '60 kg' },
    { letter: 'b', at: 'work/load', where: 'by the bucket', usual: '13 kg', from: '2 kg', to: '60 kg' },
    { letter: 'c', at: 'work/offcut', where: 'kitchen scales', usual: '900 g', from: '60 g', to: '3 kg' },
    { letter: 'd', at: 'work/radius', where: 'shaft to its middle', usual: '45 mm', from: '15 mm', to: '80 mm' },
    { letter: 'e', at: 'work/sag', where: 'free against loaded', usual: '100 mm', from: '10 mm', to: '120 mm' },
    { letter: 'f', at: 'work/speed', where: 'plate of its motor', from: '1400 rpm', to: '2900 rpm' },
  ],
  try: 'Let it run, hold a pencil to the tub and measure the ellipse: half of its width is the amplitude, and tells what mass really vibrates.',
  driven: 'a four-pole motor on the frame, one to one through a soft hose; or a sealed vibrator motor under the tub',
  drawn,
};
