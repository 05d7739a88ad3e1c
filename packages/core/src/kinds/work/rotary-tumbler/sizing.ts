import { type At, around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import { segmentAngle } from '../../../geometry/segment-centre.js';
import type { Sized, Sizing } from '../../sizing.js';

/** Wet stones or glass with their water, kg in a litre of the drum (common practice, no source: 1.4 to 1.8). */
const wet_kg_l = 1.6;
const leans = (37 * Math.PI) / 180;

/** The drum from its end and from the side, its load as it lies. */
function drawn({ a: D = 300, b: load = 12, c: fill = 0.5, d: piece = 20 }: Sized): Sketch {
  const R = D / 2;
  const long = Math.min(4 * D, Math.max(0.4 * D, (load / wet_kg_l / fill / (Math.PI * R * R)) * 1e6));
  const half = segmentAngle(fill) / 2;
  // Of the segment, lifted to one side until it slides back.
  const lowest = -Math.PI / 2 + leans;
  const rim = Array.from({ length: 25 }, (_, k) => around([0, 0], R, lowest - half + (k / 24) * 2 * half));
  const stones = [0.25, 0.5, 0.75].map((s) => circle(around([0, 0], 0.72 * R, lowest + (s - 0.5) * half), Math.max(piece / 2, 0.02 * D), 'thin'));
  const wall = 0.06 * R;
  const roller = 0.16 * R;
  const under = [-0.62, 0.62].map((side): At => [side * R, -Math.sqrt((R + wall + roller) ** 2 - (side * R) ** 2)]);
  const left = R + wall + 0.62 * D;
  const level = R * (1 - 2 * fill);
  return {
    strokes: [
      shape(rim, 'stuff'),
      ...stones,
      circle([0, 0], R),
      circle([0, 0], R + wall),
      ...centre([0, 0], 0.08 * D),
      ...under.flatMap((at) => [circle(at, roller), ...centre(at, roller * 0.6)]),
      path([
        [-R - wall, -R - wall - 2 * roller],
        [left + long + wall, -R - wall - 2 * roller],
      ]),
      ...turning([0, 0], 1.16 * (R + wall), 0.9, 0.1),
      letter('e', around([0, 0], 1.4 * (R + wall), 0.5)),
      measure('a', [-R, R], [R, R], 0.26 * D),
      letter('b', around([0, 0], 0.42 * R, lowest)),
      shape(box(left, -R, left + long, -level), 'stuff'),
      shape(box(left - wall, -R - wall, left + long + wall, R + wall)),
      path(
        [
          [left - 0.12 * D, 0],
          [left + long + 0.12 * D, 0],
        ],
        'centre',
      ),
      measure('c', [left + long, -level], [left + long, -R], 0.2 * D),
      ...[0.25, 0.75].map((s) => circle([left + s * long, -(R + level) / 2 - piece / 2], Math.max(piece / 2, 0.02 * D), 'thin')),
      letter('d', [left + 0.5 * long, -(R + level) / 2]),
    ],
  };
}

export const tumblerSizing: Sizing = {
  name: 'Rotary tumbler',
  words: ['stones', 'sea glass', 'polish', 'drum', 'rock', 'barrel', 'mixer'],
  runs: '25 to 80 rpm',
  tool: 'drum',
  fields: [
    { letter: 'a', at: 'work/drum', where: 'wall to wall', usual: '300 mm', from: '150 mm', to: '450 mm' },
    { letter: 'b', at: 'work/load', where: 'with its water', usual: '12 kg', from: '3 kg', to: '40 kg' },
    { letter: 'c', at: 'work/fill', where: 'look in at rest', usual: '50 %', from: '40 %', to: '65 %' },
    { letter: 'd', at: 'work/piece', where: 'calliper', usual: '20 mm', from: '5 mm', to: '60 mm' },
    { letter: 'e', at: 'wishes/leastSpeed', where: 'if given', from: '20 rpm', to: '80 rpm' },
  ],
  try: 'Is the drum made already? Load it, wind a string round it, and pull with a spring scale: pull times half the diameter is the torque.',
  driven: 'a motor, a gearbox or two belts, and a chain or rollers',
  drawn,
};
