import { woods } from '../../../catalog/woods.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { chipperOutputs } from './outputs.js';
import { chipperSizing } from './sizing.js';

const fields = {
  branch: quantity('Branch, thickest', 'length', {
    accepts: [2, 300],
    bare: 'mm',
    how: 'chosen',
    help: 'A knife goes through all of it at once: twice as thick takes four times as much.',
    measure: 'Calliper on the thickest that it is to take.',
  }),
  wood: choice('Wood', labelsOf(woods), {
    how: 'chosen',
    usual: 'green',
    help: 'Dry wood and knots take twice as much as green wood.',
    measure: '',
  }),
  disc: quantity('Disc, diameter', 'length', {
    accepts: [80, 1_500],
    bare: 'mm',
    how: 'measured',
    help: 'Of the disc or drum that the knives are on.',
    measure: 'Rule across it.',
  }),
  mass: quantity('Disc, mass', 'mass', {
    accepts: [0.1, 500],
    bare: 'kg',
    how: 'measured',
    help: 'With its knives, and a flywheel on the same shaft. It makes the stroke; the motor then speeds it up again.',
    measure: 'Bathroom scales. A plain steel disc of 320 mm weighs 0.63 kg a millimetre of its thickness.',
  }),
  knives: quantity('Knives', 'count', {
    whole: true,
    accepts: [1, 12],
    bare: 'pcs',
    how: 'measured',
    help: 'On the disc.',
    measure: 'Counted.',
    usual: { of: 'unseen', low: 1, value: 2, high: 4, source: 'Common practice, no source: two knives, one to four' },
  }),
  set: quantity('Knives, proud of the disc', 'length', {
    accepts: [0.3, 40],
    bare: 'mm',
    how: 'measured',
    help: 'The thickness of a chip, and how far a stroke draws the branch in.',
    measure: 'Rule on the disc, to the edge.',
    usual: { of: 'unseen', low: 4, value: 6, high: 10, source: 'Common practice, no source: knives are set 4 to 10 mm proud' },
  }),
  throughput: quantity('Throughput needed', 'mass-rate', {
    accepts: [1, 20_000],
    bare: 'kg/h',
    how: 'chosen',
    help: 'On the average of an afternoon, pauses counted in.',
    measure: 'A trailer of branches weighs 100 to 200 kg.',
  }),
  energy: quantity('Energy to chip', 'specific-energy', {
    accepts: [3_000, 1_000_000],
    bare: 'kWh/t',
    how: 'measured',
    help: 'Leave it: branches take 10 to 25 kWh a tonne.',
    measure: 'A plug-in meter on a borrowed chipper over a weighed heap, the idle run taken off, times 0.8.',
    usual: {
      of: 'scatter',
      low: 36_000,
      value: 54_000,
      high: 82_800,
      source: 'Common practice, no source: chipping branches takes 10 to 23 kWh/t at the disc, about 15',
    },
  }),
  loaded: loadedField('up-to-speed'),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'green-wood', because: 'a branch too thick is what stops it; where wire or nails get in, choose steel' }),
  lasts: lastsField(10, 30, 120),
};

export const chipperHead = {
  role: 'work',
  kind: 'chipper',
  v: 1,
  label: 'garden chipper',
  noun: 'disc',
  ports: ['rotary', null],
  fields,
  groups: {
    'What is usual': ['wood', 'energy'],
    'In a jam': ['jam', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...chipperOutputs,
  sizing: chipperSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'chipper',
      name: 'Garden chipper',
      says: 'two-pole motor, coupling, heavy disc with two knives',
      brief: 'Chip hedge cuttings and apple wood.',
      tool: 'disc',
      stages: [['coupling', 1]],
      entries: {
        'source/power': '2.2 kW',
        'source/speed': '2820 rpm',
        'work/branch': '40 mm',
        'work/disc': '320 mm',
        'work/mass': '14 kg',
        'work/throughput': '100 kg/h',
      },
    },
  ],
  short: (typed) => `chipper ${typed('branch') ?? ''}`.trim(),
} as const satisfies KindHead;
