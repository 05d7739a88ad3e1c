import { around, box, centre, circle, letter, measure, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** The crank, the arm that it rocks, and the blade in the work. */
function drawn({ a: stroke = 18, b: moved = 0.35, d: share = 0 }: Sized): Sketch {
  const r = stroke / 2;
  const [long, high] = [9 * stroke, 6 * stroke];
  const arm = 0.5 * stroke * Math.min(2, Math.max(0.6, Math.cbrt(moved / 0.35)));
  const pin = around([0, 0], r, 1.1);
  const blade = -0.35 * long;
  const counter = around([0, 0], r, 1.1 + Math.PI);
  return {
    strokes: [
      circle([0, 0], 1.5 * r),
      circle(pin, 0.25 * r),
      ...(share > 0 ? [circle(counter, 0.2 * r + 0.5 * r * Math.min(1, share), 'stuff')] : []),
      path([pin, [0, high]], 'line'),
      shape(box(blade, high, 0.75 * long, high + arm)),
      circle([0.65 * long, high + arm / 2], 0.2 * stroke),
      path(
        [
          [blade + 0.1 * stroke, high],
          [blade + 0.1 * stroke, 1.2 * stroke],
        ],
        'line',
      ),
      shape(box(blade - 3 * stroke, 3.2 * stroke, blade, 4 * stroke), 'stuff'),
      shape(box(blade + 0.2 * stroke, 3.2 * stroke, blade + 2.2 * stroke, 4 * stroke), 'stuff'),
      ...centre([0, 0], 2 * r),
      ...turning([0, 0], 2 * r, -0.6, 0.7),
      measure('a', [1.1 * stroke, -r], [1.1 * stroke, r], -0.7 * stroke),
      letter('b', [0.35 * long, high + arm + 0.6 * stroke]),
      letter('c', [blade + 0.7 * stroke, 2.2 * stroke]),
      letter('d', [-1.7 * stroke, -0.9 * stroke]),
      letter('e', [-2.6 * stroke, 0.6 * stroke]),
    ],
  };
}

export const scrollSawSizing: Sizing = {
  name: 'Scroll saw',
  words: ['fretsaw', 'jig saw', 'curves', 'plywood', 'fan motor', 'crank'],
  runs: '400 to 1800 strokes a minute',
  tool: 'crank',
  fields: [
    { letter: 'a', at: 'work/stroke', where: 'beside the blade', usual: '18 mm', from: '10 mm', to: '40 mm' },
    { letter: 'b', at: 'work/moved', where: 'end of the arm', usual: '0.35 kg', from: '0.1 kg', to: '1 kg' },
    { letter: 'c', at: 'work/force', where: 'under the blade', usual: '12 N', from: '8 N', to: '25 N' },
    { letter: 'd', at: 'work/balanced', where: 'on the crank', from: '0 %', to: '60 %' },
    { letter: 'e', at: 'wishes/leastSpeed', where: 'strokes, if given', from: '400 rpm', to: '1800 rpm' },
  ],
  try: 'Hang kitchen scales under the blade and turn the crank by hand while it cuts: force by half of the stroke is the torque.',
  driven: 'a small four-pole motor, direct on the crank',
  drawn,
};
