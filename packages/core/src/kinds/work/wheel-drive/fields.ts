import { type GroundName, grounds } from '../../../catalog/grounds.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { lastsField } from '../../shared/lasts.js';
import { wheelDriveOutputs } from './outputs.js';
import { wheelDriveSizing } from './sizing.js';

const names = Object.fromEntries(Object.entries(grounds).map(([name, { says }]) => [name, says])) as Record<GroundName, string>;

const fields = {
  mass: quantity('Mass with its load', 'mass', {
    accepts: [1, 20_000],
    bare: 'kg',
    how: 'measured',
    help: 'Barrow, load, motor and whoever rides on it.',
    measure: 'Bathroom scales, a wheel at a time, on the flat.',
  }),
  slope: quantity('Steepest slope', 'fraction', {
    accepts: [0, 1],
    bare: null,
    how: 'measured',
    help: 'Rise over run: 12 % is 12 cm up for a metre along; 15° is 27 %.',
    measure: 'A metre of board laid level from the slope with a spirit level: the gap under its free end.',
  }),
  ground: choice('Ground', names, {
    how: 'measured',
    help: 'How hard it rolls, and when the wheels spin.',
    measure: 'The worst of the way.',
  }),
  kerb: quantity('Highest edge on the way', 'length', {
    accepts: [1, 500],
    bare: 'mm',
    how: 'measured',
    help: 'A kerb, a root, a plank: the driven wheels climb it by their grip alone.',
    measure: 'Rule beside it.',
  }),
  beside: choice(
    'Somebody walks beside it',
    { walks: 'yes: walks beside or behind', rides: 'no: rides on it', rails: 'no: on rails or by a rope' },
    {
      how: 'chosen',
      usual: 'walks',
      help: 'Who walks beside it must keep up with it, even unloaded.',
      measure: '',
    },
  ),
  wheel: quantity('Driven wheel, diameter', 'length', {
    accepts: [20, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'Loaded: a soft tyre is smaller than it is marked.',
    measure: 'Chalk the tyre, roll it one turn, divide by 3.14.',
  }),
  share: quantity('Weight on the driven wheels', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'measured',
    help: 'Of the whole, going up.',
    measure: 'Scales under the driven wheels, over the whole mass.',
    usual: {
      of: 'unseen',
      low: 0.4,
      value: 0.6,
      high: 0.8,
      source: 'Common practice, no source: a barrow has two fifths to four fifths of its weight on its axle',
    },
  }),
  pace: quantity('Speed wished', 'rim-speed', {
    accepts: [0.05, 15],
    bare: 'km/h',
    how: 'chosen',
    help: 'Of who walks beside it: 3 to 5 km/h.',
    measure: 'Walk ten metres with a watch.',
  }),
  pull: quantity('Pull at the scale', 'force', {
    accepts: [1, 100_000],
    bare: 'N',
    how: 'measured',
    help: 'The experiment that replaces slope and ground: loaded, drawn slowly up the worst of the way.',
    measure: 'A spring scale in the rope: the most it shows while it moves.',
  }),
  rolling: quantity('Rolling resistance', 'fraction', {
    accepts: [0.001, 0.6],
    bare: null,
    how: 'measured',
    help: 'Leave it, unless you have drawn it on the flat.',
    measure: 'Pull on the flat over weight.',
  }),
  grip: quantity('Grip of the tyres', 'fraction', {
    accepts: [0.05, 1.2],
    bare: null,
    how: 'measured',
    help: 'Leave it, unless you have tried.',
    measure: 'Wheels blocked, the pull that drags them, over the weight on them.',
  }),
  lasts: lastsField(5, 30, 120),
};

export const wheelDriveHead = {
  role: 'work',
  kind: 'wheel-drive',
  v: 1,
  label: 'wheels on the ground',
  noun: 'wheels',
  ports: ['rotary', null],
  weighs: true,
  fields,
  groups: {
    'The way': ['kerb', 'beside'],
    'Spring scale, instead of slope and ground': ['pull'],
    'Weight, pace': ['share', 'pace'],
    'What is usual': ['rolling', 'grip', 'lasts'],
  },
  ...wheelDriveOutputs,
  sizing: wheelDriveSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'cart',
      name: 'Powered barrow',
      says: 'petrol engine, gearbox, chain, axle',
      brief: 'Carry a load up the path at a walking pace.',
      tool: 'axle',
      source: 'engine',
      stages: [
        ['gearbox', 20],
        ['roller-chain', 2.5],
      ],
      entries: {
        'source/power': '4 kW',
        'source/speed': '3600 rpm',
        'work/mass': '200 kg',
        'work/slope': '15 %',
        'work/ground': 'gravel',
        'work/wheel': '400 mm',
      },
    },
  ],
  short: (typed) => `cart ${typed('mass') ?? ''}`.trim(),
} as const satisfies KindHead;
