import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { sized } from '../../shared/parts.js';
import { torqueLimiterOutputs } from './outputs.js';

const pin = { field: 'type', is: ['shear-pin'] } as const;
const clutch = { field: 'type', is: ['slip-clutch'] } as const;
const fields = {
  type: choice(
    'Overload protection by',
    { 'shear-pin': 'a shear pin', 'slip-clutch': 'slipping plates' },
    { how: 'chosen', help: 'A link that is meant to fail first. A pin is gone afterwards; a clutch slips and goes on.', measure: '' },
  ),
  pin: quantity('Pin, diameter', 'length', {
    accepts: [0.5, 30],
    bare: 'mm',
    how: 'chosen',
    help: 'Where it shears; a groove turned into it sets it.',
    measure: 'Calliper in the groove.',
    when: pin,
  }),
  material: choice(
    'Pin of',
    { mild: 'mild steel', 'bolt-88': 'bolt 8.8', brass: 'brass', aluminium: 'aluminium' },
    { how: 'chosen', help: 'A bolt is stronger than it looks.', measure: 'The head of the bolt says 8.8.', when: pin },
  ),
  planes: quantity('Shear planes', 'count', {
    whole: true,
    accepts: [1, 4],
    bare: 'pcs',
    how: 'chosen',
    help: 'Through both walls of a tube it shears twice.',
    measure: 'Count where it crosses the joint.',
    usual: { of: 'scatter', low: 1, value: 1, high: 1, source: 'One, while nothing else is said' },
    when: pin,
  }),
  radius: quantity('Radius of the shear plane', 'length', {
    accepts: [2, 300],
    bare: 'mm',
    how: 'measured',
    help: 'From the shaft’s middle to the plane.',
    measure: 'Rule.',
    when: pin,
  }),
  springs: quantity('Force of the springs', 'force', {
    accepts: [1, 100_000],
    bare: 'N',
    how: 'measured',
    help: 'All together, as set.',
    measure: 'By their squash and rate, or on the bathroom scales.',
    when: clutch,
  }),
  mean: quantity('Mean radius of the faces', 'length', {
    accepts: [5, 500],
    bare: 'mm',
    how: 'measured',
    help: 'Half way between the inner and the outer edge of the lining.',
    measure: 'Rule.',
    when: clutch,
  }),
  faces: quantity('Faces that rub', 'count', {
    whole: true,
    accepts: [1, 20],
    bare: 'pcs',
    how: 'measured',
    help: 'Two for each disc.',
    measure: 'Count them.',
    usual: { of: 'scatter', low: 2, value: 2, high: 2, source: 'Two, of one disc' },
    when: clutch,
  }),
  friction: quantity('Friction of the faces', 'fraction', {
    accepts: [0.05, 0.6],
    bare: null,
    how: 'measured',
    help: 'Lining on steel.',
    measure: 'By the torque at which it slips.',
    usual: { of: 'scatter', low: 0.3, value: 0.35, high: 0.4, source: 'Textbooks: brake lining on steel 0.30 to 0.40' },
    when: clutch,
  }),
};

export const torqueLimiterHead = {
  role: 'stage',
  kind: 'torque-limiter',
  v: 1,
  label: 'shear pin or slip clutch',
  noun: 'overload protection',
  ports: ['rotary', 'rotary'],
  fields,
  parts: (typed) =>
    typed('type') === 'slip-clutch'
      ? [{ what: 'slip clutch', size: sized(typed('springs') && `springs ${typed('springs')}`), many: 1 }]
      : [{ what: 'shear pin, with spares', size: sized(typed('pin'), typed('material') === 'mild' ? 'mild steel' : typed('material')), many: 5 }],
  // A pin shears with its area; a clutch slips with the force on it.
  fuse: (typed) => (typed('type') === 'slip-clutch' ? { field: 'springs', power: 1 } : { field: 'pin', power: 2 }),
  ...torqueLimiterOutputs,
  begins: () => ({ type: 'shear-pin', material: 'mild', pin: '4 mm', radius: '15 mm' }),
  short: (typed) => (typed('pin') ? `shear pin ${typed('pin')}` : 'slip clutch'),
} as const satisfies KindHead;
