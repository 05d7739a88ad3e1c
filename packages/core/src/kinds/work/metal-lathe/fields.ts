import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { metalFields } from '../../shared/metal-cutting.js';
import { speedFields } from '../../shared/spindle-speeds.js';
import { metalLatheOutputs } from './outputs.js';
import { metalLatheSizing } from './sizing.js';

const fields = {
  across: quantity('Work, greatest diameter', 'length', {
    accepts: [1, 2_000],
    bare: 'mm',
    how: 'chosen',
    help: 'It decides the torque, and the slowest speed: twice as thick is half as fast and needs twice the torque.',
    measure: 'The thickest bar that is to be turned at full depth.',
  }),
  least: quantity('Work, least diameter', 'length', {
    accepts: [0.5, 2_000],
    bare: 'mm',
    how: 'chosen',
    help: 'It says how fast the spindle should be able to turn.',
    measure: 'The thinnest pin that is to be turned.',
  }),
  depth: quantity('Depth of cut', 'length', {
    accepts: [0.01, 20],
    bare: 'mm',
    how: 'chosen',
    help: 'How much is taken off on the radius.',
    measure: 'The cross slide’s scale.',
    usual: { of: 'unseen', low: 1, value: 1.5, high: 2.5, source: 'Common practice, no source: light lathes take 1 to 2.5 mm when they rough' },
  }),
  feed: quantity('Feed a turn', 'length', {
    accepts: [0.005, 2],
    bare: 'mm',
    how: 'chosen',
    help: 'How far the tool goes on in a turn.',
    measure: 'The feed table, or ten turns by the scale.',
    usual: {
      of: 'unseen',
      low: 0.1,
      value: 0.15,
      high: 0.25,
      source: 'Common practice, no source: light lathes feed 0.1 to 0.25 mm a turn when they rough',
    },
  }),
  ...metalFields,
  ...speedFields,
  most: quantity('Speed marked on the chuck', 'speed', {
    accepts: [10, 20_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Faster than that its jaws may open.',
    measure: 'On its face or its back.',
  }),
  inertia: quantity('Chuck and work, inertia', 'inertia', {
    accepts: [1e-6, 1_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'A chuck of 125 mm and 4 kg has 0.008 kg·m².',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'dry-wood', because: 'a tool that digs in yields by a millimetre or two; where it cannot, choose steel' }),
  lasts: lastsField(10, 30, 120),
};

export const metalLatheHead = {
  role: 'work',
  kind: 'metal-lathe',
  v: 1,
  label: 'lathe for metal',
  noun: 'spindle',
  ports: ['rotary', null],
  fields,
  groups: {
    'Tool, chuck': ['tool', 'edges', 'most'],
    'Range of speeds': ['slowest', 'fastest'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...metalLatheOutputs,
  sizing: metalLatheSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'metal-lathe',
      name: 'Lathe for metal',
      says: 'motor, V-belt with steps, spindle',
      brief: 'Turn mild steel to 50 mm.',
      tool: 'spindle',
      stages: [
        ['v-belt', 3],
        ['v-belt', 2.5],
      ],
      entries: { 'source/power': '1.1 kW', 'source/speed': '1420 rpm', 'work/across': '50 mm', 'work/depth': '2 mm', 'work/feed': '0.2 mm' },
    },
  ],
  short: (typed) => `lathe ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
