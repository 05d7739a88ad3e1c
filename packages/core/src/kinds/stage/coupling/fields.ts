import { choice, quantity } from '../../fields.js';
import { hubFields, hubNames } from '../../hub-fixing.js';
import type { KindHead } from '../../kind.js';

const fields = {
  type: choice(
    'Coupling',
    { jaw: 'elastic jaws', sleeve: 'rigid sleeve' },
    {
      how: 'measured',
      help: 'Elastic jaws forgive a little; a sleeve makes two shafts one, and bends both where they do not meet.',
      measure: 'A coloured spider between two halves is elastic.',
    },
  ),
  rating: quantity('Rated torque', 'torque', {
    accepts: [0.01, 1_000_000],
    bare: 'N·m',
    how: 'plate',
    help: 'Of the elastic part, or of the sleeve.',
    measure: 'In its maker’s list, by size and hardness of the spider.',
  }),
  size: quantity('Diameter over all', 'length', {
    accepts: [5, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'For the drawing.',
    measure: 'Calliper across it.',
  }),
  offset: quantity('Shafts out of line by', 'length', {
    accepts: [0, 50],
    bare: 'mm',
    how: 'measured',
    help: 'How far one axis stands beside the other.',
    measure: 'A straight edge along both hubs, turned a quarter and again.',
  }),
  gap: quantity('Distance it bends over', 'length', {
    accepts: [1, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Between the middles of its two halves.',
    measure: 'Rule along it.',
  }),
  ...hubFields('driver', 'Driving half'),
  ...hubFields('driven', 'Driven half'),
};

export const couplingHead = {
  role: 'stage',
  kind: 'coupling',
  v: 1,
  label: 'coupling',
  fields,
  groups: {
    'In line': ['offset', 'gap'],
    'Held on its shaft: driving half': hubNames('driver'),
    'Held on its shaft: driven half': hubNames('driven'),
  },
  short: (typed) => `coupling ${typed('rating') ?? ''}`.trim(),
} as const satisfies KindHead;
