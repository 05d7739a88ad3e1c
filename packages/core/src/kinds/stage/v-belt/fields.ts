import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';

const fields = {
  driver: quantity('Driving pulley', 'length', {
    accepts: [10, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Pitch diameter: where the cords of the belt run, a little below the rim.',
    measure: 'Calliper across the rim; for an A belt the pitch diameter is about 5 mm less.',
  }),
  driven: quantity('Driven pulley', 'length', {
    accepts: [10, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Pitch diameter of the pulley on the slower shaft.',
    measure: 'Calliper or tape across the rim; for an A belt the pitch diameter is about 5 mm less.',
  }),
  centres: quantity('Centre distance', 'length', {
    accepts: [10, 20_000],
    bare: 'mm',
    how: 'measured',
    help: 'From the middle of one shaft to the middle of the other.',
    measure: 'Over both shafts with a rule, less half of each shaft.',
  }),
  slip: quantity('Speed lost to slip', 'fraction', {
    accepts: [0, 0.2],
    bare: null,
    how: 'measured',
    help: 'Share of the speed that a well-tensioned belt loses by creeping on its pulleys.',
    measure: 'Tachometer on both shafts under load, against the ratio of the pulleys.',
    usual: { low: 0.005, value: 0.01, high: 0.02, source: 'Common practice, no source: ½ to 2 % for a V-belt that is tight' },
  }),
  kept: quantity('Torque that arrives', 'fraction', {
    accepts: [0.3, 1],
    bare: null,
    how: 'measured',
    help: 'What is left of the torque after the belt’s bending and wedging.',
    measure: 'Hard to measure in a shed; leave it unless you have a brake on both shafts.',
    usual: {
      low: 0.89,
      value: 0.96,
      high: 0.98,
      source: 'Common practice, no source: a V-belt stage passes 93 to 97 % when new and tight, down to 88 % when not, slip included',
    },
  }),
};

export const vBeltHead = {
  role: 'stage',
  kind: 'v-belt',
  v: 1,
  label: 'V-belt',
  fields,
  short: (typed) => `V-belt ${typed('driver') ?? '?'} to ${typed('driven') ?? '?'}`,
} as const satisfies KindHead;
