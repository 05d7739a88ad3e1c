import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sized } from '../../shared/parts.js';
import { engineOutputs } from './outputs.js';

const centrifugal = { field: 'clutch', is: ['centrifugal'] } as const;
const fields = {
  power: quantity('Rated power', 'power', {
    accepts: [10, 1_000_000],
    bare: null,
    how: 'plate',
    help: 'Of the engine alone, at its rated speed.',
    measure: 'On its plate, or in its maker’s list; a sticker on the tank is sales talk.',
  }),
  speed: quantity('Rated speed', 'speed', {
    accepts: [100, 20_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Speed at which that power holds; small engines: 3600 rpm.',
    measure: 'Beside the power.',
  }),
  governed: quantity('Governed to', 'speed', {
    accepts: [100, 20_000],
    bare: 'rpm',
    how: 'measured',
    help: 'Unloaded, at full throttle. It is the fastest everything behind it can turn.',
    measure: 'A tachometer on the shaft, unloaded.',
  }),
  cylinders: choice(
    'Cylinders',
    { '1': 'one', '2': 'two', more: 'three and more' },
    { how: 'measured', usual: '1', help: 'Each is a blow: couplings and gearboxes are sized for it.', measure: 'Count the spark plugs.' },
  ),
  altitude: quantity('Height above the sea', 'length', {
    accepts: [0, 6_000_000],
    bare: 'm',
    how: 'measured',
    help: 'Thin air costs 3.5 % for every 300 m.',
    measure: 'On a map.',
  }),
  clutch: choice(
    'Clutch',
    { none: 'none', centrifugal: 'centrifugal' },
    { how: 'measured', help: 'Without one it cannot be started against the work.', measure: 'A drum with shoes in it on the shaft.' },
  ),
  letsOff: choice(
    'Started unloaded by',
    {
      idler: 'an idler that tightens the belt',
      valve: 'a valve or a feed that is shut',
      dog: 'a dog clutch, or a belt put on later',
      nothing: 'nothing: it is coupled',
    },
    {
      how: 'measured',
      help: 'Without a clutch an engine is started with nothing on it.',
      measure: 'Pull the rope slowly: the tool must not turn, or turn freely.',
      when: { field: 'clutch', is: ['none'] },
    },
  ),
  engages: quantity('Clutch engages at', 'speed', {
    accepts: [100, 20_000],
    bare: 'rpm',
    how: 'measured',
    help: 'Speed at which the shoes bite.',
    measure: 'Tachometer while the throttle is opened slowly.',
    usual: {
      of: 'unseen',
      low: 1_700,
      value: 2_000,
      high: 2_400,
      source: 'Common practice, no source: centrifugal clutches of small engines bite at 1700 to 2400 rpm',
    },
    when: centrifugal,
  }),
  shaft: quantity('Shaft', 'length', { accepts: [3, 150], bare: 'mm', how: 'measured', help: 'Diameter of its output shaft.', measure: 'Calliper.' }),
  inertia: quantity('Inertia of its flywheel', 'inertia', {
    accepts: [1e-5, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Of flywheel and crank.',
    measure: 'Weigh the flywheel: about its mass times half its radius squared.',
    usual: { of: 'scatter', low: 0.005, value: 0.01, high: 0.03, source: 'Common practice, no source: single-cylinder engines of 3 to 7 hp' },
  }),
};

export const engineHead = {
  role: 'source',
  kind: 'engine',
  v: 1,
  label: 'small petrol engine',
  noun: 'engine',
  ports: [null, 'rotary'],
  shaft: 'engine shaft',
  fields,
  ...engineOutputs,
  parts: (typed) => [{ what: 'petrol engine', size: sized(typed('power')), many: 1 }],
  short: (typed) => `${typed('power') ?? ''} engine`.trim(),
} as const satisfies KindHead;
