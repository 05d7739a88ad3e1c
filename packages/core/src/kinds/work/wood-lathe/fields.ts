import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { speedFields } from '../../shared/spindle-speeds.js';
import { woodLatheOutputs } from './outputs.js';
import { woodLatheSizing } from './sizing.js';

const fields = {
  does: choice(
    'What is turned',
    { bowl: 'a bowl on a faceplate or chuck', spindle: 'between centres: handles, legs' },
    { how: 'chosen', usual: 'bowl', help: 'A bowl is cut at its rim, slowly and with much torque; a handle fast and with little.', measure: '' },
  ),
  across: quantity('Blank, diameter', 'length', {
    accepts: [5, 2_000],
    bare: 'mm',
    how: 'chosen',
    help: 'Before it is turned; of a square one from flat to flat.',
    measure: 'Rule across the roughest place.',
  }),
  thick: quantity('Blank, length along the axis', 'length', {
    accepts: [5, 5_000],
    bare: 'mm',
    how: 'chosen',
    help: 'Of a bowl its height.',
    measure: 'Rule.',
  }),
  wood: choice(
    'Wood',
    { soft: 'softwood, poplar', hard: 'dry hardwood', green: 'green hardwood' },
    { how: 'chosen', usual: 'green', help: 'It says how heavy the blank is.', measure: '' },
  ),
  off: quantity('Out of centre by', 'length', {
    accepts: [0, 100],
    bare: 'mm',
    how: 'measured',
    help: 'Of its weight, before it is true.',
    measure: 'Turn it by hand: the middle between the nearest and the furthest place of its rim from the rest.',
    usual: {
      of: 'unseen',
      low: 1.5,
      value: 3,
      high: 6,
      source: 'Common practice, no source: a blank from the band saw is 1.5 to 6 mm out of centre',
    },
  }),
  lathe: quantity('Lathe, mass', 'mass', {
    accepts: [1, 10_000],
    bare: 'kg',
    how: 'measured',
    help: 'With its bench and ballast; what walks is light.',
    measure: 'Bathroom scales, an end at a time.',
  }),
  force: quantity('Force of the tool', 'force', {
    accepts: [1, 2_000],
    bare: 'N',
    how: 'measured',
    help: 'Leave it: a gouge at the rim of a bowl takes 30 to 75 N, a tool between centres 12 to 28.',
    measure: 'A spring scale on the handle of the tool, square to the rest.',
  }),
  most: quantity('Speed marked on the chuck', 'speed', {
    accepts: [10, 20_000],
    bare: 'rpm',
    how: 'plate',
    help: 'What it must not pass, beside what the blank must not.',
    measure: 'On its back.',
  }),
  ...speedFields,
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'dry-wood', because: 'a tool that digs in is what stops it' }),
  lasts: lastsField(10, 45, 180),
};

export const woodLatheHead = {
  role: 'work',
  kind: 'wood-lathe',
  v: 1,
  label: 'lathe for wood',
  noun: 'spindle',
  ports: ['rotary', null],
  fields,
  groups: {
    'Lathe, chuck': ['lathe', 'off', 'most'],
    'Range of speeds': ['slowest', 'fastest'],
    'What is usual': ['wood', 'force'],
    'In a jam': ['jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...woodLatheOutputs,
  sizing: woodLatheSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'wood-lathe',
      name: 'Lathe for wood',
      says: 'motor, V-belt with steps, spindle with a faceplate',
      brief: 'Turn bowls from green wood.',
      tool: 'spindle',
      stages: [['v-belt', 3.1]],
      entries: { 'source/power': '1.1 kW', 'source/speed': '1420 rpm', 'work/across': '400 mm', 'work/thick': '100 mm' },
    },
  ],
  short: (typed) => `wood lathe ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
