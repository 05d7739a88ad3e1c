import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { woodFields } from '../../shared/wood-cutting.js';
import { circularSawOutputs } from './outputs.js';
import { circularSawSizing } from './sizing.js';

const fields = {
  across: quantity('Blade, diameter', 'length', {
    accepts: [40, 1_500],
    bare: 'mm',
    how: 'plate',
    help: 'Over its teeth.',
    measure: 'On the blade, or a rule across it.',
  }),
  kerf: quantity('Kerf, width of the cut', 'length', {
    accepts: [0.5, 12],
    bare: 'mm',
    how: 'plate',
    help: 'Over the set of the teeth: a thin blade saves a quarter of the power.',
    measure: 'On the blade, or calliper over a tooth.',
    usual: { of: 'unseen', low: 2, value: 2.6, high: 3.2, source: 'Common practice, no source: blades of 250 mm cut 2 to 3.2 mm wide' },
  }),
  teeth: quantity('Teeth', 'count', {
    whole: true,
    accepts: [4, 200],
    bare: 'pcs',
    how: 'plate',
    help: 'Few to rip along the grain, many to cut across it.',
    measure: 'On the blade, or counted.',
  }),
  thick: quantity('Wood, thickness', 'length', {
    accepts: [1, 500],
    bare: 'mm',
    how: 'chosen',
    help: 'The thickest that is cut through at once.',
    measure: 'Rule.',
  }),
  feed: quantity('Feed', 'feed', {
    accepts: [1, 1_000],
    bare: 'm/min',
    how: 'chosen',
    help: 'How fast the wood is pushed: half as fast takes half the power.',
    measure: 'A board of two metres by the clock.',
    usual: { of: 'unseen', low: 40, value: 65, high: 100, source: 'Common practice, no source: by hand boards are pushed at 2.4 to 6 m/min' },
  }),
  ...woodFields,
  most: quantity('Speed marked on the blade', 'speed', {
    accepts: [100, 30_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Faster than that its teeth may fly.',
    measure: 'On its face: “max”, with a number.',
  }),
  inertia: quantity('Blade, arbor and pulley, inertia', 'inertia', {
    accepts: [1e-6, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Left out, a third more than the blade itself, as of steel.',
    measure: 'Half the mass times the square of the radius, of each.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'dry-wood', because: 'a board that closes on the blade pinches it' }),
  lasts: lastsField(5, 30, 120),
};

export const circularSawHead = {
  role: 'work',
  kind: 'circular-saw',
  v: 1,
  label: 'circular saw for wood',
  noun: 'blade',
  ports: ['rotary', null],
  fields,
  groups: {
    'Blade, feed': ['kerf', 'feed', 'edges', 'most'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...circularSawOutputs,
  sizing: circularSawSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'circular-saw',
      name: 'Table saw',
      says: 'motor, V-belt, arbor',
      brief: 'Rip boards of 50 mm.',
      tool: 'arbor',
      stages: [['v-belt', 0.71]],
      entries: {
        'source/power': '2.2 kW',
        'source/speed': '2850 rpm',
        'work/across': '250 mm',
        'work/teeth': '24',
        'work/thick': '50 mm',
        'v-belt/belts': '2',
      },
    },
  ],
  short: (typed) => `saw ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
