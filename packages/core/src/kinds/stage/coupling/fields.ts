import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { hubFields, hubNames } from '../../shared/hub-fixing.js';
import { guard, sized } from '../../shared/parts.js';
import { couplingOutputs } from './outputs.js';

const fields = {
  type: choice(
    'Coupling',
    { jaw: 'elastic jaws', sleeve: 'rigid sleeve', cardan: 'universal joint' },
    {
      how: 'measured',
      help: 'Elastic jaws allow a little misalignment; a sleeve makes two shafts one, and bends both where they do not meet; a universal joint turns a corner, unevenly.',
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
  bend: quantity('Shafts meet at an angle of', 'angle', {
    accepts: [0, Math.PI / 4],
    bare: '°',
    how: 'measured',
    help: 'Of one universal joint: the more it bends, the more unevenly it turns.',
    measure: 'A bevel gauge along both shafts.',
    when: { field: 'type', is: ['cardan'] },
  }),
  stiffness: quantity('Torsional stiffness', 'stiffness', {
    accepts: [0.1, 10_000_000],
    bare: 'N·m/rad',
    how: 'plate',
    help: 'With it the resonance of what spins on both sides is worked out.',
    measure: 'In its maker’s list: dynamic torsional stiffness, by hardness of the spider.',
    when: { field: 'type', is: ['jaw'] },
  }),
  size: quantity('Diameter over all', 'length', {
    accepts: [5, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'For the drawing.',
    measure: 'Calliper across it.',
  }),
  most: quantity('Speed it must not pass', 'speed', {
    accepts: [1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Where its plate or its maker says one.',
    measure: 'On the hub, or in its maker’s list.',
  }),
  offset: quantity('Shafts out of line by', 'length', {
    accepts: [0, 50],
    bare: 'mm',
    how: 'measured',
    help: 'How far one axis is beside the other.',
    measure: 'A straight edge along both hubs, turned a quarter and again.',
  }),
  gap: quantity('Length between its halves', 'length', {
    accepts: [1, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Between the middles of its two halves: the longer, the less it bends.',
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
  noun: 'coupling',
  ports: ['rotary', 'rotary'],
  fields,
  groups: {
    Alignment: ['offset', 'gap', 'bend'],
    Resonance: ['stiffness'],
    'Hub fixing, driving half': hubNames('driver'),
    'Hub fixing, driven half': hubNames('driven'),
  },
  parts: (typed) => [
    {
      what: typed('type') === 'sleeve' ? 'rigid sleeve' : typed('type') === 'cardan' ? 'universal joint' : 'elastic jaw coupling',
      size: sized(typed('rating'), typed('driverBore') && `bore ${typed('driverBore')}`, typed('drivenBore') && `other bore ${typed('drivenBore')}`),
      many: 1,
    },
    guard('coupling'),
  ],
  ...couplingOutputs,
  begins: () => ({ type: 'jaw', size: '55 mm' }),
  short: (typed) => `coupling ${typed('rating') ?? ''}`.trim(),
} as const satisfies KindHead;
