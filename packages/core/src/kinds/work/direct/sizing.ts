import { around, centre, circle, letter, measure, path, type Sketch, turning } from '../../../drawing/sketch.js';
import type { Sized, Sizing } from '../../sizing.js';

/** A tool of any sort on its shaft. */
function drawn({ c: D = 150 }: Sized): Sketch {
  const R = D / 2;
  return {
    strokes: [
      circle([0, 0], R),
      circle([0, 0], 0.16 * R),
      ...centre([0, 0], 1.2 * R),
      ...turning([0, 0], 1.25 * R, 2.3, 0.9),
      letter('b', around([0, 0], 1.45 * R, 1.6)),
      path(
        [
          [0, 0],
          [0.75 * R, 0],
        ],
        'thin',
      ),
      ...turning([0, 0], 0.5 * R, -0.6, -1.9),
      letter('a', around([0, 0], 0.62 * R, -1.25)),
      measure('c', [-R, -1.15 * R], [R, -1.15 * R], -0.3 * D),
      letter('d', around([0, 0], 1.3 * R, 0.35)),
      letter('e', around([0, 0], 1.3 * R, -0.35)),
    ],
  };
}

export const directSizing: Sizing = {
  name: 'Something else',
  isAny: true,
  words: ['torque', 'lathe', 'saw', 'splitter', 'fan', 'pump', 'mill', 'drill', 'grinder', 'winch', 'anything'],
  runs: 'enter torque and speed',
  tool: 'tool shaft',
  fields: [
    { letter: 'a', at: 'work/torque', where: 'lever and spring scale', usual: '8 N·m', from: '1 N·m', to: '60 N·m' },
    { letter: 'b', at: 'wishes/leastSpeed', where: 'what it needs', usual: '400 rpm', from: '30 rpm', to: '3000 rpm' },
    { letter: 'c', at: 'work/diameter', where: 'tape across it', usual: '150 mm', from: '50 mm', to: '500 mm' },
    { letter: 'd', at: 'work/shock', where: 'even, or knocking', usual: 'light' },
    { letter: 'e', at: 'work/loaded', where: 'fed once up?', usual: 'from-rest' },
  ],
  try: 'A lever on the shaft and a spring scale at its end, at the hardest of the work: pull times length is the torque. It decides all else.',
  driven: 'a motor and what brings its speed to that of the tool',
  drawn,
};
