import { tumbled } from '../../../catalog/tumbled.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields, stopsField } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { rotaryTumblerOutputs } from './outputs.js';
import { tumblerSizing } from './sizing.js';

const rolls = { field: 'lies', is: ['one', 'both'] } as const;

const fields = {
  drum: quantity('Drum, inside diameter', 'length', {
    accepts: [50, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'Between the flats, if it has corners.',
    measure: 'Rule across the open end.',
  }),
  load: quantity('Load', 'mass', {
    accepts: [0.01, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'Stones or glass, medium, water: all that tumbles.',
    measure: 'Kitchen scales, a bucket at a time.',
  }),
  long: quantity('Drum, inside length', 'length', {
    accepts: [30, 6_000],
    bare: 'mm',
    how: 'measured',
    help: 'With what is in it, and how full it is, it says what the load weighs, where that is not known.',
    measure: 'Rule, from end to end inside.',
  }),
  fill: quantity('Filled to', 'fraction', {
    accepts: [0.05, 0.95],
    bare: null,
    how: 'measured',
    help: 'Share of its cross-section. Half to two thirds tumbles best.',
    measure: 'Look in with the drum at rest.',
    usual: {
      of: 'unseen',
      low: 0.4,
      value: 0.5,
      high: 0.65,
      source: 'Common practice, no source: a tumbler is filled to half, two thirds at the most',
    },
  }),
  does: choice(
    'What it does',
    { polish: 'tumbles: to polish, to wash', grind: 'grinds: a ball mill', mix: 'mixes: concrete, compost, seed' },
    {
      how: 'chosen',
      usual: 'polish',
      help: 'It says how fast it turns where nothing is wished: a mill near the speed at which balls are thrown, a mixer at less than half of the one at which they cling.',
      measure: '',
    },
  ),
  piece: quantity('Pieces, largest', 'length', {
    accepts: [0, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Large pieces fall sooner than small ones. Leave it for grit.',
    measure: 'Calliper on the largest.',
    usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'Small beside the drum' },
  }),
  material: choice('What is in it', labelsOf(tumbled), {
    how: 'chosen',
    help: 'It says how steeply the load lies while it tumbles, where that angle is not measured.',
    measure: '',
  }),
  slides: quantity('Angle at which it tumbles', 'angle', {
    accepts: [0.1, 1.5],
    bare: '°',
    how: 'measured',
    help: 'How steeply the load lies while it tumbles.',
    measure: 'A photograph from the end, through a pane.',
    usual: {
      of: 'scatter',
      low: (30 * Math.PI) / 180,
      value: (37 * Math.PI) / 180,
      high: (50 * Math.PI) / 180,
      source: 'Common practice, no source: wet stones and glass lie at 30 to 45°, lifted by ribs to 50°',
    },
  }),
  empty: quantity('Torque to turn it empty', 'torque', {
    accepts: [0.001, 10_000],
    bare: 'N·m',
    how: 'measured',
    help: 'Friction of bearings, rollers and seals, without a load. Nought while it is not entered.',
    measure: 'A string round the drum and a spring scale: pull times half the diameter.',
  }),
  tilt: quantity('Axis, tilted by', 'angle', {
    accepts: [0, 1.2],
    bare: '°',
    how: 'measured',
    help: 'Against the level, while it works: a mixer is tilted, a tumbler lies.',
    measure: 'A spirit level with degrees on the shaft.',
    usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'It lies level' },
  }),
  lies: choice(
    'The drum is driven',
    { shaft: 'by a shaft of its own', one: 'lying on rollers, one of two driven', both: 'lying on rollers, both driven' },
    {
      how: 'chosen',
      usual: 'shaft',
      help: 'A ring gear is a pair of gears before its shaft. On rollers it turns as far as friction takes it; the line ends at the driven roller.',
      measure: '',
    },
  ),
  roller: quantity('Driven roller, diameter', 'length', {
    accepts: [5, 500],
    bare: 'mm',
    how: 'measured',
    help: 'Over its rubber.',
    measure: 'Calliper.',
    when: rolls,
  }),
  outside: quantity('Drum, outside diameter', 'length', {
    accepts: [50, 3_200],
    bare: 'mm',
    how: 'measured',
    help: 'Where it lies on its rollers. Left out, a twentieth more than inside.',
    measure: 'Tape round it, divided by 3.14.',
    when: rolls,
  }),
  grips: choice(
    'Drum on rollers',
    { rubber: 'rubber, dry', wet: 'rubber, wet', bare: 'steel or plastic, bare' },
    {
      how: 'measured',
      usual: 'rubber',
      help: 'What holds it by friction.',
      measure: 'A hose clamped over a bare roller makes it rubber.',
      when: rolls,
    },
  ),
  lid: choice(
    'Its lid has to be',
    { tight: 'water-tight', dust: 'shut, so that dust stays in', open: 'open, or a door' },
    { how: 'chosen', usual: 'tight', help: 'A wish for the drum: what is tight holds gas as well.', measure: '' },
  ),
  shell: quantity('Drum, mass', 'mass', {
    accepts: [0.05, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'Empty, for its inertia.',
    measure: 'Kitchen or bathroom scales.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'nothing', because: 'a closed drum turns freely, whatever is in it' }),
  stops: stopsField,
  lasts: lastsField(600, 1440, 10000),
};

export const rotaryTumblerHead = {
  role: 'work',
  kind: 'rotary-tumbler',
  v: 1,
  label: 'tumbling drum',
  noun: 'drum',
  ports: ['rotary', null],
  weighs: true,
  fields,
  groups: {
    'Bearings, inertia': ['empty', 'shell', 'tilt'],
    'How it is driven': ['lies', 'roller', 'outside', 'grips'],
    'What is usual': ['does', 'material', 'long', 'slides', 'piece', 'lid', 'lasts'],
    'In a jam': ['jam', 'handsClear', 'stops', 'resists'],
  },
  ...rotaryTumblerOutputs,
  sizing: tumblerSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'tumbler',
      name: 'Tumbler',
      says: 'motor, coupling, gearbox, chain, drum',
      brief: 'Tumble day and night without watching it.',
      tool: 'drum',
      stages: [
        ['coupling', 1],
        ['gearbox', 15],
        ['roller-chain', 2],
      ],
      entries: { 'source/power': '0.25 kW', 'source/speed': '1400 rpm', 'work/drum': '300 mm', 'work/load': '12 kg' },
    },
  ],
  short: (typed) => `tumbler ${typed('load') ?? ''}`.trim(),
} as const satisfies KindHead;
