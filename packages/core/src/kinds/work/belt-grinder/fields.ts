import { grits } from '../../../catalog/rubbed.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { beltGrinderOutputs } from './outputs.js';
import { beltGrinderSizing } from './sizing.js';

const fields = {
  grinds: choice(
    'What it grinds',
    { metal: 'metal: knives, welds', wood: 'wood' },
    { how: 'chosen', usual: 'metal', help: 'Wood scorches at the speed that steel is ground with.', measure: '' },
  ),
  wheel: quantity('Driven wheel, diameter', 'length', {
    accepts: [20, 600],
    bare: 'mm',
    how: 'measured',
    help: 'That the motor turns: with its speed it is the speed of the belt.',
    measure: 'Calliper over its rubber.',
  }),
  wide: quantity('Belt, width', 'length', {
    accepts: [5, 400],
    bare: 'mm',
    how: 'plate',
    help: 'The trade fits a horsepower to 50 mm of it and more.',
    measure: 'On the belt, or a rule.',
  }),
  grit: choice('Grit', labelsOf(grits), { how: 'chosen', usual: 'medium', help: 'A fresh coarse belt drags most.', measure: 'On its back.' }),
  press: quantity('Pressed on with', 'force', {
    accepts: [1, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'A hand that leans presses with 30 to 70 N.',
    measure: 'Kitchen scales under the piece, pressed as on the belt. Kilos are read as force.',
    usual: { of: 'unseen', low: 30, value: 45, high: 70, source: 'Common practice, no source: a piece is pressed on a belt with 30 to 70 N' },
  }),
  rim: quantity('Driven wheel is good for', 'rim-speed', {
    accepts: [5, 120],
    bare: 'm/s',
    how: 'plate',
    help: 'At its rim. Left out, 40 m/s: of aluminium or sound plastic, and balanced.',
    measure: 'On the wheel. Wood and printed wheels are good for less.',
    usual: {
      of: 'scatter',
      low: 40,
      value: 40,
      high: 40,
      source: 'Common practice, no source: balanced wheels of aluminium or sound plastic run at up to 40 m/s',
    },
  }),
  inertia: quantity('Wheels, inertia', 'inertia', {
    accepts: [1e-6, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Of all that the belt turns. A wheel of 150 mm and 1.2 kg has 0.0034.',
    measure: 'Half the mass times the square of the radius, of each.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'nothing', because: 'the belt slips on its wheel before anything is stopped' }),
  lasts: lastsField(5, 30, 90),
};

export const beltGrinderHead = {
  role: 'work',
  kind: 'belt-grinder',
  v: 1,
  label: 'belt grinder, belt sander',
  noun: 'belt',
  ports: ['rotary', null],
  fields,
  groups: {
    'Belt, wheel': ['grit', 'press', 'rim'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...beltGrinderOutputs,
  sizing: beltGrinderSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'belt-grinder',
      name: 'Belt grinder',
      says: 'motor, coupling, driven wheel',
      brief: 'Grind knives.',
      tool: 'driven wheel',
      stages: [['coupling', 1]],
      entries: { 'source/power': '1.5 kW', 'source/speed': '2850 rpm', 'source/phases': '3', 'work/wheel': '150 mm', 'work/wide': '50 mm' },
    },
  ],
  short: (typed) => `belt grinder ${typed('wide') ?? ''}`.trim(),
} as const satisfies KindHead;
