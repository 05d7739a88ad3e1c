import { around, box, centre, circle, letter, path, type Sketch, shape, turning } from '../../../drawing/sketch.js';
import type { Sizing } from '../../sizing.js';

/** A machine that does the work already, behind a meter in its lead. */
const drawn = (): Sketch => ({
  strokes: [
    shape(box(0, 0, 420, 260)),
    circle([560, 150], 110),
    circle([560, 150], 22),
    ...centre([560, 150], 140),
    path([
      [420, 150],
      [538, 150],
    ]),
    ...turning([560, 150], 140, 2.4, 0.9),
    letter('c', around([560, 150], 190, 0.9)),
    path([
      [0, 90],
      [-90, 90],
      [-150, 40],
      [-220, 60],
    ]),
    shape(box(-500, -20, -220, 180)),
    shape(box(-475, 60, -245, 150), 'stuff'),
    letter('a', [-430, 105]),
    letter('b', [-290, 105]),
    path([
      [-560, -60],
      [720, -60],
    ]),
    path([
      [40, 0],
      [40, -60],
    ]),
    path([
      [380, 0],
      [380, -60],
    ]),
  ],
});

export const measuredSizing: Sizing = {
  name: 'As a machine that does it',
  isAny: true,
  words: ['measured', 'meter', 'watts', 'shredder', 'chipper', 'replace', 'copy'],
  runs: 'as it turns',
  tool: 'tool shaft',
  fields: [
    { letter: 'a', at: 'work/working', where: 'meter, at work', usual: '900 W', from: '200 W', to: '2.5 kW' },
    { letter: 'b', at: 'work/idling', where: 'meter, empty', usual: '250 W', from: '50 W', to: '800 W' },
    { letter: 'c', at: 'work/speed', where: 'tachometer, its tool', usual: '500 rpm', from: '50 rpm', to: '3000 rpm' },
  ],
  try: 'Read the meter while it works as hard as it ever does, and again with nothing in it: the difference decides most.',
  driven: 'whatever drives it now, or one size beside it',
  drawn,
};
