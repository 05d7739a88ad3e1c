import { rubbed } from '../../../catalog/rubbed.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { grinderOutputs } from './outputs.js';
import { grinderSizing } from './sizing.js';

const fields = {
  sort: choice('What turns', labelsOf(rubbed), {
    how: 'chosen',
    usual: 'stone',
    help: 'It says how fast it is run, how fast it may run without a mark, and what it drags.',
    measure: '',
  }),
  across: quantity('Wheel, diameter', 'length', {
    accepts: [10, 1_000],
    bare: 'mm',
    how: 'plate',
    help: 'As new: a worn wheel is slower at its rim.',
    measure: 'On its label, or a rule across it.',
  }),
  wide: quantity('Wheel, width', 'length', {
    accepts: [0.5, 200],
    bare: 'mm',
    how: 'plate',
    help: 'For its mass.',
    measure: 'On its label, or a rule.',
  }),
  many: quantity('Wheels', 'count', {
    whole: true,
    accepts: [1, 4],
    bare: 'pcs',
    how: 'chosen',
    help: 'On one shaft. Work is held to one of them.',
    measure: 'Counted.',
    usual: { of: 'scatter', low: 1, value: 2, high: 2, source: 'Common practice, no source: bench grinders have two' },
  }),
  most: quantity('Speed marked on the wheel', 'speed', {
    accepts: [50, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'The marking rules: faster than that it may burst.',
    measure: 'On its label, as “max” with a number; of several the least.',
  }),
  press: quantity('Pressed on with', 'force', {
    accepts: [1, 1_000],
    bare: 'N',
    how: 'measured',
    help: 'Leave it: a hand presses a grinding wheel with 15 to 45 N.',
    measure: 'Kitchen scales under the piece, pressed as on the wheel. Kilos are read as force.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'steel', because: 'a piece is drawn in between the rest and the wheel' }),
  lasts: lastsField(2, 10, 40),
};

export const grinderHead = {
  role: 'work',
  kind: 'grinder',
  v: 1,
  label: 'grinder, polisher, disc sander',
  noun: 'wheel',
  ports: ['rotary', null],
  fields,
  groups: {
    Wheel: ['wide', 'many', 'most'],
    'What is usual': ['press'],
    'In a jam': ['jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...grinderOutputs,
  sizing: grinderSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'grinder',
      name: 'Bench grinder',
      says: 'motor, coupling, wheel shaft',
      brief: 'Grind tools.',
      tool: 'wheel shaft',
      stages: [['coupling', 1]],
      entries: { 'source/power': '0.55 kW', 'source/speed': '2850 rpm', 'work/across': '200 mm', 'work/wide': '25 mm', 'work/most': '3600 rpm' },
    },
    {
      id: 'polisher',
      name: 'Polisher',
      says: 'motor, V-belt, shaft with a cloth wheel',
      brief: 'Polish brass and stone.',
      tool: 'wheel shaft',
      stages: [['v-belt', 1.2]],
      entries: { 'source/power': '0.55 kW', 'source/speed': '2850 rpm', 'work/sort': 'cloth', 'work/across': '200 mm', 'work/wide': '40 mm' },
    },
  ],
  short: (typed) => `grinder ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
