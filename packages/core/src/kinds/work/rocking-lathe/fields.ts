import { quantity, yesNo } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { rockingLatheOutputs } from './outputs.js';
import { rockingLatheSizing } from './sizing.js';

const fields = {
  rosette: quantity('Rosette, diameter', 'length', {
    accepts: [10, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'In the middle of its lobes.',
    measure: 'Calliper, from hill to valley across.',
  }),
  lobes: quantity('Lobes', 'count', {
    whole: true,
    accepts: [1, 144],
    bare: 'pcs',
    how: 'measured',
    help: 'Hills round the rosette: twice as many are twice as steep, and leave at half the speed.',
    measure: 'Counted.',
  }),
  deep: quantity('Lobes, depth each way', 'length', {
    accepts: [0.05, 50],
    bare: 'mm',
    how: 'measured',
    help: 'From the middle to the top of a hill: how far the headstock rocks to each side.',
    measure: 'A dial gauge on the headstock: half of what it shows in a turn.',
  }),
  spring: quantity('Spring on the rubber', 'force', {
    accepts: [1, 5_000],
    bare: 'N',
    how: 'measured',
    help: 'That presses the rubber to the rosette.',
    measure: 'A spring scale on the headstock, pulled until the rubber lifts. Kilos are read as force.',
  }),
  rocks: quantity('What rocks, mass at the rosette', 'mass', {
    accepts: [0.05, 500],
    bare: 'kg',
    how: 'measured',
    help: 'Headstock and work, as they are felt at the rosette’s height.',
    measure: 'A scale under the headstock laid level, at the rosette’s distance from the axis it rocks on.',
  }),
  work: quantity('Work, diameter', 'length', {
    accepts: [2, 1_000],
    bare: 'mm',
    how: 'chosen',
    help: 'That is cut.',
    measure: 'Calliper.',
  }),
  cut: quantity('Force of the cutter', 'force', {
    accepts: [0.1, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'That its own motor does not take: a small cutter pushes with 3 to 10 N.',
    measure: 'A spring scale on the slide.',
    usual: {
      of: 'unseen',
      low: 3,
      value: 6,
      high: 10,
      source: 'Common practice, no source: a small cutter with a motor of its own pushes with 3 to 10 N',
    },
  }),
  inertia: quantity('Spindle, rosettes and chuck, inertia', 'inertia', {
    accepts: [1e-6, 10],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Left out, 0.006 to 0.018 kg·m².',
    measure: 'Half the mass times the square of the radius, of each.',
    usual: { of: 'unseen', low: 0.0062, value: 0.01, high: 0.018, source: 'Common practice, no source: rosettes, spindle and chuck of such lathes' },
  }),
  holds: yesNo('It holds when indexed', {
    options: { yes: 'yes: it is stopped and cut between', no: 'no: it only turns' },
    usual: 'yes',
    help: 'Indexed, the spindle has to hold on any flank of the rosette: a worm does, or a stepper while it has its current.',
    measure: '',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'dry-wood', because: 'a cutter that digs in is what stops it' }),
  lasts: lastsField(20, 60, 240),
};

export const rockingLatheHead = {
  role: 'work',
  kind: 'rocking-lathe',
  v: 1,
  label: 'ornamental lathe with a rocking headstock',
  noun: 'spindle',
  ports: ['rotary', null],
  fields,
  groups: {
    'What is usual': ['work', 'cut', 'holds'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...rockingLatheOutputs,
  sizing: rockingLatheSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'rocking-lathe',
      name: 'Ornamental lathe',
      says: 'motor, worm gearbox, toothed belt, spindle that rocks',
      brief: 'Cut patterns by a rosette, and index.',
      tool: 'work spindle',
      stages: [
        ['gearbox', 40],
        ['timing-belt', 6],
      ],
      entries: {
        'source/power': '0.06 kW',
        'source/speed': '1350 rpm',
        'work/rosette': '140 mm',
        'work/lobes': '12',
        'work/deep': '2 mm',
        'work/spring': '60 N',
        'work/rocks': '8 kg',
        'work/work': '80 mm',
      },
    },
  ],
  short: (typed) => `ornamental lathe ${typed('rosette') ?? ''}`.trim(),
} as const satisfies KindHead;
