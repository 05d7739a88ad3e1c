import { choice, quantity } from '../../fields.js';
import { hubFields, hubNames } from '../../hub-fixing.js';
import type { KindHead } from '../../kind.js';

const fields = {
  ratio: quantity('Ratio', 'count', {
    accepts: [0.05, 1_000],
    bare: 'pcs',
    how: 'plate',
    help: 'Turns of the input for one of the output.',
    measure: 'On the plate beside i; or turn it by hand and count.',
  }),
  rating: quantity('Rated output torque', 'torque', {
    accepts: [0.01, 1_000_000],
    bare: 'N·m',
    how: 'plate',
    help: 'At the slow shaft.',
    measure: 'On the plate, or in its maker’s list.',
  }),
  gears: choice(
    'Inside are',
    { helical: 'spur or helical gears', worm: 'a worm', planetary: 'planets' },
    {
      how: 'measured',
      help: 'It decides the losses, and whether it holds the load with the power off.',
      measure: 'Shafts that cross are a worm; shafts on one axis are planets.',
    },
  ),
  efficiency: quantity('Efficiency', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'plate',
    help: 'Share of the power that comes out. Left out it is taken from the kind of gears.',
    measure: 'In its maker’s list.',
  }),
  overhung: quantity('Pull its output shaft stands', 'force', {
    accepts: [1, 1_000_000],
    bare: 'N',
    how: 'plate',
    help: 'Square to the shaft, at the middle of its end.',
    measure: 'In its maker’s list: overhung or radial load.',
  }),
  size: quantity('Housing, across', 'length', { accepts: [10, 2_000], bare: 'mm', how: 'measured', help: 'For the drawing.', measure: 'Tape.' }),
  ...hubFields('driven', 'Output shaft'),
};

export const gearboxHead = {
  role: 'stage',
  kind: 'gearbox',
  v: 1,
  label: 'gearbox from its plate',
  fields,
  groups: { 'Held on its shaft: output': hubNames('driven') },
  short: (typed) => `gearbox ${typed('ratio') ?? '?'}:1`,
} as const satisfies KindHead;
