import { box, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The tap on its way into the hole, cut open. */
function drawn({ a: across = 10, b: pitch = 1.5, c: hole = 0 }: Sized): Sketch {
  const R = across / 2;
  const bore = Math.min(Math.max(hole > 0 ? hole : across - pitch, 0.3 * across), across) / 2;
  const deep = 1.8 * across;
  const wide = 2.2 * across;
  const many = Math.min(40, Math.max(2, Math.round((1.6 * across) / Math.max(pitch, 0.05 * across))));
  const step = (1.6 * across) / many;
  const tip = -0.75 * across;
  const thread = (side: 1 | -1) =>
    Array.from({ length: many }, (_, k): readonly [number, number][] => [
      [side * R, tip + k * step],
      [side * (R - 0.6 * Math.min(pitch, 0.5 * R)), tip + (k + 0.5) * step],
    ]).flat();
  return {
    strokes: [
      shape(box(-wide, -deep - 0.5 * across, -bore, 0), 'stuff'),
      shape(box(bore, -deep - 0.5 * across, wide, 0), 'stuff'),
      path(
        [
          [-bore, -deep],
          [0, -deep - 0.3 * across],
          [bore, -deep],
        ],
        'line',
      ),
      shape([...thread(-1).toReversed(), [-0.7 * R, tip - 0.4 * across], [0.7 * R, tip - 0.4 * across], ...thread(1)]),
      shape(box(-0.75 * R, tip + 1.6 * across, 0.75 * R, tip + 3 * across)),
      shape(box(-1.2 * across, tip + 3 * across, 1.2 * across, tip + 4 * across)),
      ...turning([0, tip + 2.3 * across], 1.2 * R, -0.4, -2.4),
      path(
        [
          [0, tip + 4.2 * across],
          [0, -deep - 0.7 * across],
        ],
        'centre',
      ),
      measure('a', [R, tip + 1.6 * across], [-R, tip + 1.6 * across], -0.45 * across),
      letter('b', [R + 0.5 * across, tip + 1.1 * across]),
      measure('c', [-bore, -deep], [bore, -deep], -0.9 * across),
      letter('d', [0, -0.35 * deep - 0.75 * across]),
      letter('e', [0, tip + 3.5 * across]),
      letter('f', [-0.65 * wide, -0.5 * deep]),
    ],
  };
}

export const tapperSizing: Sizing = {
  name: 'Tapping spindle',
  words: ['tap', 'thread', 'tapping arm', 'M8', 'M10', 'threads'],
  runs: '150 to 600 rpm',
  tool: 'spindle',
  reverses: { why: 'a tap is backed out', must: true },
  fields: [
    { letter: 'a', at: 'work/across', where: 'over the tap', usual: '10 mm', from: '4 mm', to: '16 mm' },
    { letter: 'b', at: 'work/pitch', where: 'on the tap', usual: '1.5 mm', from: '0.7 mm', to: '2 mm' },
    { letter: 'c', at: 'work/hole', where: 'as it is drilled', from: '3 mm', to: '14 mm' },
    { letter: 'd', at: 'work/through', where: 'look through it', usual: 'blind' },
    { letter: 'e', at: 'work/holds', where: 'at the holder', usual: 'floating' },
    { letter: 'f', at: 'work/material', where: 'the toughest of it', usual: 'mild' },
  ],
  try: 'A torque wrench on a tap in a hole like it shows the torque; what breaks one in scrap shows the limit.',
  driven: 'three phases on a drive that reverses, or a servo with feedback',
  drawn,
};
