import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { hubFields, hubNames } from '../../shared/hub-fixing.js';
import { sized } from '../../shared/parts.js';
import { gearboxOutputs } from './outputs.js';

const teeth = (label: string, help: string, accepts: readonly [number, number]) =>
  quantity(label, 'count', {
    whole: true,
    accepts,
    bare: 'pcs',
    how: 'measured',
    help: `${help} With both counted the ratio need not be entered.`,
    measure: 'Chalk one, then count round.',
    when: { field: 'gears', is: ['planetary'] },
  });

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
    'Gears inside',
    { helical: 'spur or helical gears', worm: 'a worm', planetary: 'planets' },
    {
      how: 'measured',
      help: 'It decides the losses, and whether it holds the load with the power off.',
      measure: 'Shafts that cross are a worm; shafts on one axis are planets.',
    },
  ),
  sun: teeth('Teeth of the sun', 'The small gear in the middle.', [6, 200]),
  ring: teeth('Teeth of the ring', 'The toothed housing: sun and twice a planet.', [12, 400]),
  held: choice(
    'Part held still',
    { ring: 'the ring', carrier: 'the carrier of the planets' },
    {
      how: 'measured',
      help: 'With the ring held the planets’ carrier is the output; with the carrier held the ring is, and turns the other way round.',
      measure: 'What is one with the housing.',
      usual: 'ring',
      when: { field: 'gears', is: ['planetary'] },
    },
  ),
  steps: quantity('Planetary steps', 'count', {
    whole: true,
    accepts: [1, 4],
    bare: 'pcs',
    how: 'measured',
    help: 'Alike, one behind the other.',
    measure: 'Count the suns.',
    usual: { of: 'scatter', low: 1, value: 1, high: 1, source: 'One, while nothing else is said' },
    when: { field: 'gears', is: ['planetary'] },
  }),
  efficiency: quantity('Efficiency', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'plate',
    help: 'Share of the power that comes out. Left out it is taken from the kind of gears.',
    measure: 'In its maker’s list.',
  }),
  overhung: quantity('Overhung load its output shaft supports', 'force', {
    accepts: [1, 1_000_000],
    bare: 'N',
    how: 'plate',
    help: 'Square to the shaft, at the middle of its end.',
    measure: 'In its maker’s list: overhung or radial load.',
  }),
  most: quantity('Speed it must not pass', 'speed', {
    accepts: [1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Of its fast shaft: beyond it oil and bearings run hot.',
    measure: 'On the plate, or in its maker’s list.',
  }),
  size: quantity('Housing, across', 'length', { accepts: [10, 2_000], bare: 'mm', how: 'measured', help: 'For the drawing.', measure: 'Tape.' }),
  ...hubFields('driven', 'Output shaft'),
};

export const gearboxHead = {
  role: 'stage',
  kind: 'gearbox',
  v: 1,
  label: 'gearbox from its plate',
  noun: 'gearbox',
  ports: ['rotary', 'rotary'],
  fields,
  groups: { 'Counted in the open box': ['sun', 'ring', 'held', 'steps'], 'Hub fixing, output shaft': hubNames('driven') },
  parts: (typed) => [{ what: 'gearbox', size: sized(typed('ratio') && `${typed('ratio')} to 1`, typed('rating'), typed('gears')), many: 1 }],
  ...gearboxOutputs,
  begins: (ratio) => ({ ratio: ratio.toPrecision(3), gears: 'helical', size: '120 mm' }),
  short: (typed) => `gearbox ${typed('ratio') ?? '?'}:1`,
} as const satisfies KindHead;
