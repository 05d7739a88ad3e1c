import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { scrollSawOutputs } from './outputs.js';
import { scrollSawSizing } from './sizing.js';

const fields = {
  stroke: quantity('Stroke', 'length', {
    accepts: [2, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Up and down: twice the radius of the crank.',
    measure: 'Rule beside the blade, turned by hand.',
  }),
  moved: quantity('Arm and blade that move, mass', 'mass', {
    accepts: [0.005, 50],
    bare: 'kg',
    how: 'measured',
    help: 'As it is felt at the blade: of an arm that rocks about a third of its mass, and all of the clamps and the rod. It shakes the bench.',
    measure: 'Kitchen scales under the end of the loose arm.',
  }),
  force: quantity('Force on the blade', 'force', {
    accepts: [0.5, 2_000],
    bare: 'N',
    how: 'measured',
    help: 'Over its stroke, while it cuts.',
    measure: 'Kitchen scales under the blade in the work.',
    usual: { of: 'unseen', low: 8, value: 12, high: 25, source: 'Common practice, no source: a fine blade in plywood of 15 mm takes 8 to 25 N' },
  }),
  balanced: quantity('Counterweight, share of it', 'fraction', {
    accepts: [0, 1],
    bare: null,
    how: 'chosen',
    help: 'What turns against it on the crank: half of it takes half of the shaking along the stroke, and shakes as much across.',
    measure: 'Mass by radius of the counterweight, over that of what moves.',
    usual: { of: 'scatter', low: 0, value: 0, high: 0, source: 'None is entered' },
  }),
  bench: quantity('Bench and saw, mass', 'mass', {
    accepts: [1, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'What is shaken: with what it is bolted to.',
    measure: 'Bathroom scales, an end at a time.',
  }),
  inertia: quantity('Crank, inertia', 'inertia', {
    accepts: [1e-8, 10],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Crank disc and counterweight.',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'dry-wood', because: 'wood that is turned too sharply pinches the blade, which snaps' }),
  lasts: lastsField(5, 30, 90),
};

export const scrollSawHead = {
  role: 'work',
  kind: 'scroll-saw',
  v: 1,
  label: 'scroll saw',
  noun: 'crank',
  ports: ['rotary', null],
  fields,
  groups: {
    'What shakes': ['balanced', 'bench'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...scrollSawOutputs,
  sizing: scrollSawSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'scroll-saw',
      name: 'Scroll saw',
      says: 'motor, coupling, crank',
      brief: 'Saw curves in plywood.',
      tool: 'crank',
      stages: [['coupling', 1]],
      entries: { 'source/power': '0.09 kW', 'source/speed': '1400 rpm', 'work/stroke': '18 mm', 'work/moved': '0.35 kg' },
    },
  ],
  short: (typed) => `scroll saw ${typed('stroke') ?? ''}`.trim(),
} as const satisfies KindHead;
