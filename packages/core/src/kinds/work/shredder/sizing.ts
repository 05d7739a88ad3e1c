import { type At, around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** One blade with its hooks from the end over the spacers of the other side, and the blades along the shaft. */
function drawn({ a: D = 130, b: reach = 10, c: blades = 14, d: hooks = 2, f: wall = 2 }: Sized): Sketch {
  const R = D / 2;
  const blade = 0.04 * D;
  const h = Math.min(reach, 0.6 * R);
  const many = Math.min(24, Math.max(1, Math.round(hooks)));
  // From the tip back to the bottom, and out again to the next tip.
  const rim = Array.from({ length: many }, (_, k) => (2 * Math.PI * k) / many).flatMap((angle): At[] => [
    around([0, 0], R, angle),
    around([0, 0], R - h, angle + 0.02),
    ...Array.from({ length: 8 }, (_, s): At => {
      const part = (s + 1) / 9;
      return around([0, 0], R - h + h * part ** 2, angle + 0.02 + part * ((2 * Math.PI) / many - 0.02));
    }),
  ]);
  const count = Math.min(60, Math.max(1, Math.round(blades)));
  const pitch = 2.1 * blade;
  const long = count * pitch;
  const left = R + 0.5 * D;
  const tall = 0.9 * h;
  const strip = 1.2 * R;
  return {
    strokes: [
      shape(box(-strip, R - h + 0.4 * h, -0.1 * R, R - h + 0.4 * h + Math.max(wall, 0.01 * D)), 'stuff'),
      letter('f', [-strip - 0.08 * D, R - 0.5 * h]),
      letter('e', [-strip + 0.1 * D, R + 0.16 * D]),
      shape(rim),
      circle([0, 0], 0.28 * R),
      ...centre([0, 0], 0.45 * R),
      ...turning([0, 0], 0.55 * R, 2.5, 1),
      letter('d', around([0, 0], 0.72 * R, -0.6)),
      measure('a', [-R, -R], [R, -R], -0.25 * D),
      measure('b', around([0, 0], R, 0), around([0, 0], R - h, 0), 0.12 * D),
      ...Array.from({ length: count }, (_, k) => shape(box(left + k * pitch, -R, left + k * pitch + blade, R))),
      ...Array.from({ length: count }, (_, k) => shape(box(left + k * pitch + blade, -R + h, left + (k + 1) * pitch, R - h), 'thin')),
      path(
        [
          [left - 0.2 * D, 0],
          [left + long + 0.2 * D, 0],
        ],
        'centre',
      ),
      letter('c', [left + long / 2, R + tall + 0.12 * D]),
    ],
  };
}

export const shredderSizing: Sizing = {
  name: 'Shredder',
  words: ['granulator', 'plastic', 'bottles', 'cans', 'pots', 'caps', 'recycle', 'cutter'],
  runs: '30 to 70 rpm',
  tool: 'shredder shaft',
  reverses: { why: 'a jam is turned back', must: true },
  fields: [
    { letter: 'a', at: 'work/over', where: 'tip to tip', usual: '130 mm', from: '80 mm', to: '200 mm' },
    { letter: 'b', at: 'work/reach', where: 'tip to bottom', usual: '10 mm', from: '6 mm', to: '20 mm' },
    { letter: 'c', at: 'work/blades', where: 'counted', usual: '14', from: '6', to: '30' },
    { letter: 'd', at: 'work/hooks', where: 'round one blade', usual: '2', from: '1', to: '6' },
    { letter: 'e', at: 'work/material', where: 'the toughest of it', usual: 'hdpe' },
    { letter: 'f', at: 'work/wall', where: 'calliper', usual: '2 mm', from: '0.5 mm', to: '6 mm' },
  ],
  try: 'Hang a strip of what goes in over one hook, turn the shaft with a lever and a spring scale: pull times length is the torque of one hook.',
  driven: 'a motor with a worm gearbox of 15 to 25 to 1, that can be reversed',
  drawn,
};
