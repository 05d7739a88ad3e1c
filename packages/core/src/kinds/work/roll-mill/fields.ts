import { milled } from '../../../catalog/milled.js';
import { stones } from '../../../catalog/stones.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { rollMillOutputs } from './outputs.js';
import { rollMillSizing } from './sizing.js';

const fields = {
  material: choice('What goes in', labelsOf(milled), {
    how: 'chosen',
    usual: 'malt',
    help: 'It says what a kilogram takes, and how large the rolls must be to draw it in.',
    measure: '',
  }),
  roll: quantity('Rolls, diameter', 'length', {
    accepts: [20, 500],
    bare: 'mm',
    how: 'measured',
    help: 'Of one roll; both are alike.',
    measure: 'Calliper.',
  }),
  long: quantity('Rolls, length', 'length', {
    accepts: [20, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the part that mills.',
    measure: 'Rule along a roll.',
  }),
  gap: quantity('Gap between the rolls', 'length', {
    accepts: [0.02, 30],
    bare: 'mm',
    how: 'measured',
    help: 'As it is set to mill.',
    measure: 'Feeler gauge between the rolls, at both ends.',
    usual: { of: 'unseen', low: 0.9, value: 1.1, high: 1.5, source: 'Common practice, no source: malt is milled at 0.9 to 1.5 mm' },
  }),
  throughput: quantity('Throughput needed', 'mass-rate', {
    accepts: [1, 20_000],
    bare: 'kg/h',
    how: 'chosen',
    help: 'While it mills. A batch of 5 kg in two minutes is 150 kg/h.',
    measure: 'Weigh a hopper, and look at the clock.',
  }),
  energy: quantity('Energy to mill', 'specific-energy', {
    accepts: [300, 500_000],
    bare: 'kWh/t',
    how: 'measured',
    help: 'Leave it: it follows from what goes in.',
    measure: 'An energy meter over a weighed hopper, the idle run taken off.',
  }),
  pull: quantity('Crank: pull at the scale', 'force', {
    accepts: [0.5, 10_000],
    bare: 'N',
    how: 'measured',
    help: 'The experiment that replaces the guess: the loaded mill turned by hand.',
    measure: 'A spring scale square to the crank, hopper full; what it shows while it mills. Kilos are read as force.',
  }),
  arm: quantity('Crank: from shaft to scale', 'length', {
    accepts: [20, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Where the scale pulls.',
    measure: 'Rule from the middle of the shaft.',
  }),
  surface: choice(
    'Rolls are',
    { smooth: 'smooth', knurled: 'knurled or grooved' },
    { how: 'measured', usual: 'knurled', help: 'Smooth rolls draw in less.', measure: 'A fingernail along them.' },
  ),
  mass: quantity('Both rolls, mass', 'mass', {
    accepts: [0.05, 1_000],
    bare: 'kg',
    how: 'measured',
    help: 'For their inertia in a jam and at the start.',
    measure: 'Kitchen or bathroom scales.',
  }),
  pebble: quantity('Pebble that gets in, thickness', 'length', {
    accepts: [1, 100],
    bare: 'mm',
    how: 'measured',
    help: 'The largest that the hopper lets through: with it, a jam ends where the pebble bursts.',
    measure: 'Calliper on the one that stopped it, or the bars of the grate.',
  }),
  stone: choice('The pebble is of', labelsOf(stones), {
    how: 'measured',
    usual: 'hard',
    help: 'It says at what force it bursts.',
    measure: 'A knife scratches brick and limestone, not granite; flint breaks like glass.',
  }),
  loaded: loadedField('from-rest'),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'stone', because: 'a pebble in the grain is what stops such mills' }),
  lasts: lastsField(2, 20, 60),
};

export const rollMillHead = {
  role: 'work',
  kind: 'roll-mill',
  v: 1,
  label: 'mill with two rolls',
  noun: 'roll',
  ports: ['rotary', null],
  fields,
  groups: {
    'Crank and scale, instead of the guess': ['pull', 'arm'],
    'What is usual': ['energy', 'surface'],
    'In a jam': ['mass', 'jam', 'pebble', 'stone', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...rollMillOutputs,
  sizing: rollMillSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'malt-mill',
      name: 'Malt mill',
      says: 'motor, V-belt with a wide step down, two rolls',
      brief: 'Crack malt for a brew in ten minutes.',
      tool: 'driven roll',
      stages: [['v-belt', 8]],
      entries: {
        'source/power': '0.55 kW',
        'source/speed': '1400 rpm',
        'work/roll': '50 mm',
        'work/long': '150 mm',
        'work/throughput': '150 kg/h',
      },
    },
  ],
  short: (typed) => `roll mill ${typed('throughput') ?? ''}`.trim(),
} as const satisfies KindHead;
