import { seeds } from '../../../catalog/seeds.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { wormPressOutputs } from './outputs.js';
import { wormPressSizing } from './sizing.js';

const fields = {
  seed: choice('What is pressed', labelsOf(seeds), {
    how: 'chosen',
    usual: 'sunflower',
    help: 'Small hard seeds take more than oily soft ones.',
    measure: '',
  }),
  throughput: quantity('Seed in an hour', 'mass-rate', {
    accepts: [0.1, 2_000],
    bare: 'kg/h',
    how: 'chosen',
    help: 'What goes in, not the oil: a third of sunflower seed comes out as oil.',
    measure: 'Weigh a jar of seed, and look at the clock.',
  }),
  worm: quantity('Worm, diameter', 'length', {
    accepts: [10, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Over its flights.',
    measure: 'Calliper.',
  }),
  energy: quantity('Energy to press', 'specific-energy', {
    accepts: [10_000, 3_000_000],
    bare: 'kWh/t',
    how: 'measured',
    help: 'Leave it: it follows from the seed.',
    measure: 'An energy meter over a weighed jar of seed, heater on a plug of its own, the idle run taken off.',
  }),
  pull: quantity('Crank: pull at the scale', 'force', {
    accepts: [0.5, 10_000],
    bare: 'N',
    how: 'measured',
    help: 'The experiment that replaces the guess: the warm, loaded worm turned by hand.',
    measure: 'A spring scale square to the crank while it presses. Kilos are read as force.',
  }),
  arm: quantity('Crank: from shaft to scale', 'length', {
    accepts: [20, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'Where the scale pulls.',
    measure: 'Rule from the middle of the shaft.',
  }),
  loaded: loadedField('up-to-speed'),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'fruit', because: 'cake that has set yields slowly; where stones get in, choose a stone' }),
  lasts: lastsField(60, 240, 900),
};

export const wormPressHead = {
  role: 'work',
  kind: 'worm-press',
  v: 1,
  label: 'oil press with a worm',
  noun: 'worm',
  ports: ['rotary', null],
  fields,
  groups: {
    'Crank and scale, instead of the guess': ['pull', 'arm'],
    'What is usual': ['energy'],
    'In a jam': ['jam', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...wormPressOutputs,
  sizing: wormPressSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'oil-press',
      name: 'Oil press',
      says: 'motor, coupling, gearbox, worm in its cage',
      brief: 'Press sunflower seed cold, some bottles an evening.',
      tool: 'worm',
      stages: [
        ['coupling', 1],
        ['gearbox', 30],
      ],
      entries: { 'source/power': '1.1 kW', 'source/speed': '1400 rpm', 'work/throughput': '6 kg/h', 'work/worm': '44 mm' },
    },
  ],
  short: (typed) => `oil press ${typed('throughput') ?? ''}`.trim(),
} as const satisfies KindHead;
