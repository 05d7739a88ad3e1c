import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields, stopsField } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { rotaryTumblerOutputs } from './outputs.js';
import { tumblerSizing } from './sizing.js';

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
  piece: quantity('Pieces, largest', 'length', {
    accepts: [0, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Large pieces fall sooner than small ones. Leave it for grit.',
    measure: 'Calliper on the largest.',
    usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'Small beside the drum' },
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
  fields,
  groups: {
    'Bearings, inertia': ['empty', 'shell'],
    'What is usual': ['slides', 'piece', 'lasts'],
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
