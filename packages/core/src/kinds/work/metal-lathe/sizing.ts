import { box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The bar in its chuck from the side with the tool in the cut, and from its end. */
function drawn({ a: across = 50, b: least = 12, c: depth = 2, d: feed = 0.2 }: Sized): Sketch {
  const R = across / 2;
  const chuck = Math.max(0.9 * across, R + 20);
  const long = 2.2 * across;
  const cut = Math.min(depth, 0.9 * R);
  const at = 0.55 * long;
  const thin = Math.min(least / 2, R - cut);
  const end = long + 1.3 * chuck + R;
  return {
    strokes: [
      shape(box(-0.7 * chuck, -chuck, 0, chuck)),
      shape(
        [
          [0, R],
          [at, R],
          [at, R - cut],
          [0.9 * long, R - cut],
          [0.9 * long, thin],
          [long, thin],
          [long, -thin],
          [0.9 * long, -thin],
          [0.9 * long, -R + cut],
          [at, -R + cut],
          [at, -R],
          [0, -R],
        ],
        'stuff',
      ),
      shape([
        [at, -R + cut],
        [at + 0.35 * across, -R - 0.1 * across],
        [at + 0.35 * across, -R - 0.8 * across],
        [at - 0.05 * across, -R - 0.8 * across],
      ]),
      path(
        [
          [-0.9 * chuck, 0],
          [long + 0.3 * across, 0],
        ],
        'centre',
      ),
      circle([end, 0], chuck),
      circle([end, 0], R, 'stuff'),
      ...centre([end, 0], 1.1 * chuck),
      ...turning([end, 0], 0.8 * chuck, 2.5, 1.2),
      measure('a', [0, -R], [0, R], -0.75 * chuck),
      letter('b', [long + 0.25 * across, thin + 0.2 * across]),
      letter('c', [at + 0.2 * across, R + 0.22 * across]),
      letter('d', [at + 0.6 * across, -R - 0.5 * across - Math.min(feed, 1) * 0.1]),
      letter('e', [0.2 * long, 0.55 * R]),
      letter('f', [at + 0.12 * across, -R - 1.05 * across]),
    ],
  };
}

export const metalLatheSizing: Sizing = {
  name: 'Lathe for metal',
  words: ['turning', 'metal lathe', 'engine lathe', 'steel', 'brass', 'spindle'],
  runs: '100 to 1500 rpm',
  tool: 'spindle',
  reverses: { why: 'a tap is backed out', must: false },
  fields: [
    { letter: 'a', at: 'work/across', where: 'the thickest bar', usual: '50 mm', from: '20 mm', to: '150 mm' },
    { letter: 'b', at: 'work/least', where: 'the thinnest pin', from: '5 mm', to: '25 mm' },
    { letter: 'c', at: 'work/depth', where: 'on the radius', usual: '2 mm', from: '0.5 mm', to: '3 mm' },
    { letter: 'd', at: 'work/feed', where: 'ten turns, by ten', usual: '0.2 mm', from: '0.05 mm', to: '0.3 mm' },
    { letter: 'e', at: 'work/material', where: 'the toughest of it', usual: 'mild' },
    { letter: 'f', at: 'work/tool', where: 'by its edge', usual: 'hss' },
  ],
  try: 'Has a lathe like it a wattmeter? Watts in the cut less those running free, times 0.75, are the power at the spindle.',
  driven: 'a four-pole motor and stepped belts with a back gear, or three phases on a drive',
  drawn,
};
