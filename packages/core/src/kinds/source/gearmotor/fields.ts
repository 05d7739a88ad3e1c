import { choice, type InputFigures, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { motorFields } from '../../shared/motor-fields.js';
import { sized } from '../../shared/parts.js';
import { gearmotorOutputs } from './outputs.js';

const fields = {
  inside: choice(
    'Motor inside',
    {
      'three-phase': 'three phases',
      single: 'single phase with a capacitor',
      'shaded-pole': 'single phase with a copper ring (shaded pole)',
      dc: 'direct current with brushes',
      universal: 'universal, with brushes, on the mains',
    },
    {
      how: 'measured',
      help: 'It decides the torque at rest, and what it needs.',
      measure: 'Brushes and the plate’s DC; a capacitor; three equal windings; a copper ring on the poles of a small open one.',
    },
  ),
  speed: quantity('Speed of its output shaft', 'speed', {
    accepts: [0.001, 5_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Loaded. A gearmotor’s plate states the output, 33 rpm; that of a motor with a box has the motor’s speed and the ratio.',
    measure: 'On its plate; or count turns of the output in a minute.',
  }),
  torque: quantity('Rated output torque', 'torque', {
    accepts: [0.001, 50_000],
    bare: 'N·m',
    how: 'plate',
    help: 'What it has at its output for good.',
    measure: 'On its plate, beside N·m or kg·cm.',
  }),
  power: quantity('Power of the motor inside', 'power', {
    accepts: [0.5, 100_000],
    bare: null,
    how: 'plate',
    help: 'At the motor’s own shaft: the gears take their part of it.',
    measure: 'On the motor’s plate.',
  }),
  ratio: quantity('Ratio of the gears', 'count', {
    accepts: [1, 20_000],
    bare: 'pcs',
    how: 'plate',
    help: 'Motor turns in one turn of the output.',
    measure: 'On the plate of the box, beside i; or turn the motor by hand and count.',
  }),
  gears: choice(
    'Gears inside',
    { spur: 'spur or helical', planetary: 'planetary', worm: 'worm' },
    {
      how: 'measured',
      help: 'A worm wastes the most, and may hold its load by itself.',
      measure: 'Shafts at right angles are a worm or bevels; in line planetary or spur.',
    },
  ),
  rating: quantity('Rated torque of the box', 'torque', {
    accepts: [0.001, 100_000],
    bare: 'N·m',
    how: 'plate',
    help: 'Where the box has a plate of its own: the motor stalled may break its gears.',
    measure: 'On the plate of the box, beside T2 or N·m.',
  }),
  overhung: quantity('Overhung load its output shaft supports', 'force', {
    accepts: [0.1, 1_000_000],
    bare: 'N',
    how: 'plate',
    help: 'In the middle of the output shaft.',
    measure: 'In its maker’s list, beside Fr.',
  }),
  voltage: quantity('Rated voltage', 'voltage', {
    accepts: [1, 1_000],
    bare: 'V',
    how: 'plate',
    help: 'For which the plate’s figures hold.',
    measure: 'On its plate.',
  }),
  current: quantity('Rated current', 'current', {
    accepts: [0.01, 500],
    bare: 'A',
    how: 'plate',
    help: 'At its rated load.',
    measure: 'On its plate.',
  }),
  ...motorFields,
};

/** A motor and its gears as one body: wiper, window, barbecue, conveyor. */
export const gearmotorHead = {
  role: 'source',
  kind: 'gearmotor',
  v: 1,
  label: 'gearmotor: motor and gears in one',
  noun: 'gearmotor',
  ports: [null, 'rotary'],
  shaft: 'output shaft',
  fields,
  groups: {
    'Gears, more of the plate': ['ratio', 'gears', 'rating', 'overhung', 'voltage', 'current'],
    'Shaft, cut-out': ['protector', 'noVolt', 'shaft', 'inertia'],
  },
  ...gearmotorOutputs,
  parts: (typed) => [{ what: 'gearmotor', size: sized(typed('torque') ?? typed('power'), typed('speed'), typed('voltage')), many: 1 }],
  short: (typed) => `${typed('torque') ?? typed('power') ?? ''} gearmotor`.trim(),
} as const satisfies KindHead;

export type Inputs = InputFigures<typeof gearmotorHead.fields>;
