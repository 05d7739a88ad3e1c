import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { fruitCrusherOutputs } from './outputs.js';
import { fruitCrusherSizing } from './sizing.js';

// While nothing is chosen it is a roll.
const slow = { field: 'sort', is: ['', 'roll'] } as const;

const fields = {
  sort: choice(
    'What crushes',
    { roll: 'a slow roll with teeth that bite', drum: 'a fast drum that grates: screws or blades as teeth' },
    {
      how: 'chosen',
      usual: 'roll',
      help: 'A roll bites fruit against a wall at some hundred turns; a drum grates it at motor speed.',
      measure: 'Look in with the plug pulled.',
    },
  ),
  roll: quantity('Roll, diameter over the teeth', 'length', {
    accepts: [30, 800],
    bare: 'mm',
    how: 'measured',
    help: 'Where the teeth meet the fruit.',
    measure: 'Tape round the roll, divided by 3.14; or a rule across it.',
  }),
  long: quantity('Roll, length', 'length', {
    accepts: [30, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the toothed part: it says how many fruit lie in the nip side by side.',
    measure: 'Rule along the teeth.',
  }),
  teeth: quantity('Rows of teeth', 'count', {
    whole: true,
    accepts: [1, 60],
    bare: 'pcs',
    how: 'measured',
    help: 'Round the roll.',
    measure: 'Count them from one end.',
    when: slow,
  }),
  fruit: quantity('Fruit, diameter', 'length', {
    accepts: [5, 200],
    bare: 'mm',
    how: 'measured',
    help: 'A middling one of the crate.',
    measure: 'Calliper, or ten in a row along a rule.',
  }),
  throughput: quantity('Throughput needed', 'mass-rate', {
    accepts: [1, 20_000],
    bare: 'kg/h',
    how: 'chosen',
    help: 'How much should go through.',
    measure: 'A crate of apples holds 12 to 18 kg.',
  }),
  energy: quantity('Energy to crush', 'specific-energy', {
    accepts: [500, 500_000],
    bare: 'kWh/t',
    how: 'measured',
    help: 'Leave it: apples take 1 to 4 kWh a tonne.',
    measure: 'An energy meter over a weighed batch, the idle run taken off.',
    usual: {
      of: 'scatter',
      low: 3_600,
      value: 6_480,
      high: 14_400,
      source: 'Common practice, no source: milling apples takes 1 to 4 kWh/t, about 1.8 (from memory, with doubt)',
    },
  }),
  force: quantity('Force to crush one fruit', 'force', {
    accepts: [5, 5_000],
    bare: 'N',
    how: 'measured',
    help: 'Between a tooth and the wall.',
    measure: 'Press one with a tooth of the roll on the bathroom scales: kilos are read as force.',
    usual: {
      of: 'scatter',
      low: 100,
      value: 250,
      high: 500,
      source: 'Common practice, no source: a firm apple under a blunt tooth takes 10 to 50 kg',
    },
    when: slow,
  }),
  pull: quantity('Lever: pull at the scale', 'force', {
    accepts: [0.5, 10_000],
    bare: 'N',
    how: 'measured',
    help: 'The experiment that replaces the guess: the loaded roll turned by hand with a lever.',
    measure: 'A lever clamped to the roll’s shaft, a spring scale square to it, fruit in the nip; the most it shows while the roll turns.',
  }),
  arm: quantity('Lever: from shaft to scale', 'length', {
    accepts: [20, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'Where the scale pulls.',
    measure: 'Rule from the middle of the shaft.',
  }),
  mass: quantity('Roll, mass', 'mass', {
    accepts: [0.05, 2_000],
    bare: 'kg',
    how: 'measured',
    help: 'For its inertia in a jam and at the start.',
    measure: 'Kitchen or bathroom scales.',
  }),
  loaded: loadedField('up-to-speed'),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'fruit', because: 'stones are picked out of it first; where they are not, choose a stone' }),
  lasts: lastsField(15, 60, 240),
};

export const fruitCrusherHead = {
  role: 'work',
  kind: 'fruit-crusher',
  v: 1,
  label: 'fruit crusher, fruit mill',
  noun: 'roll',
  ports: ['rotary', null],
  fields,
  groups: {
    'Lever and scale, instead of the guess': ['pull', 'arm'],
    'What is usual': ['energy', 'force'],
    'In a jam': ['mass', 'jam', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...fruitCrusherOutputs,
  sizing: fruitCrusherSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'crusher',
      name: 'Fruit crusher',
      says: 'motor, V-belt, toothed roll',
      brief: 'Crush fruit for the press.',
      tool: 'roll',
      stages: [['v-belt', 3]],
      entries: { 'source/power': '1.5 kW', 'source/speed': '1425 rpm', 'work/roll': '150 mm', 'work/fruit': '70 mm', 'work/throughput': '200 kg/h' },
    },
    {
      id: 'fruit-mill',
      name: 'Fruit mill',
      says: 'motor, coupling, grater drum',
      brief: 'Grate apples for the press.',
      tool: 'drum',
      stages: [['coupling', 1]],
      entries: {
        'source/power': '1.1 kW',
        'source/speed': '1400 rpm',
        'work/sort': 'drum',
        'work/roll': '140 mm',
        'work/throughput': '300 kg/h',
      },
    },
  ],
  short: (typed) => `crusher ${typed('throughput') ?? ''}`.trim(),
} as const satisfies KindHead;
