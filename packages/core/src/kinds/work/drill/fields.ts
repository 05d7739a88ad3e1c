import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { metalFields } from '../../shared/metal-cutting.js';
import { speedFields } from '../../shared/spindle-speeds.js';
import { drillOutputs } from './outputs.js';
import { drillSizing } from './sizing.js';

const fields = {
  across: quantity('Drill, greatest diameter', 'length', {
    accepts: [0.3, 100],
    bare: 'mm',
    how: 'chosen',
    help: 'It decides torque and thrust, and the slowest speed: half the drill takes a fifth of the torque, at twice the speed.',
    measure: 'The largest that is to be used in solid metal.',
  }),
  least: quantity('Drill, least diameter', 'length', {
    accepts: [0.2, 100],
    bare: 'mm',
    how: 'chosen',
    help: 'It says how fast the spindle should be able to turn.',
    measure: 'The smallest that is used often.',
  }),
  feed: quantity('Feed a turn', 'length', {
    accepts: [0.005, 2],
    bare: 'mm',
    how: 'chosen',
    help: 'How far the drill goes in with each turn.',
    measure: 'By hand: depth of the hole by the turns that it took.',
    usual: {
      of: 'unseen',
      low: 0.1,
      value: 0.15,
      high: 0.2,
      source: 'Common practice, no source: by hand 0.1 to 0.2 mm a turn with drills of 10 to 13 mm',
    },
  }),
  pilot: quantity('Pilot hole', 'length', {
    accepts: [0, 100],
    bare: 'mm',
    how: 'chosen',
    help: 'It takes most of the thrust off, and little of the torque. Left out, none.',
    measure: 'Calliper on the drill before it.',
    usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'Drilled in solid metal' },
  }),
  ...metalFields,
  ...speedFields,
  most: quantity('Spindle, chuck: good for', 'speed', {
    accepts: [10, 60_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Faster than that its bearings run hot, or its chuck opens.',
    measure: 'On the chuck; the bearings’ catalogue.',
  }),
  inertia: quantity('Spindle and chuck, inertia', 'inertia', {
    accepts: [1e-7, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'A chuck of 13 mm has 0.0004 kg·m².',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'steel', because: 'a drill that breaks through grabs the edge of the hole' }),
  lasts: lastsField(1, 5, 20),
};

export const drillHead = {
  role: 'work',
  kind: 'drill',
  v: 1,
  label: 'drill',
  noun: 'drill',
  ports: ['rotary', null],
  fields,
  groups: {
    'Tool, hole': ['tool', 'edges', 'pilot'],
    'Range of speeds': ['slowest', 'fastest', 'most'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...drillOutputs,
  sizing: drillSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'drill',
      name: 'Pillar drill',
      says: 'motor, V-belt with steps, spindle',
      brief: 'Drill mild steel up to 13 mm.',
      tool: 'spindle',
      stages: [['v-belt', 2.3]],
      entries: { 'source/power': '0.55 kW', 'source/speed': '1420 rpm', 'work/across': '13 mm', 'work/feed': '0.15 mm' },
    },
  ],
  short: (typed) => `drill ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
