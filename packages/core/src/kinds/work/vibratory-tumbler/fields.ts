import { ballBearings } from '../../../catalog/ball-bearings.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { vibratoryTumblerOutputs } from './outputs.js';
import { vibratoryTumblerSizing } from './sizing.js';

const ownExciter = { field: 'driven', is: ['', 'hose', 'own'] } as const;
const sealed = { field: 'driven', is: ['vibrator'] } as const;

const fields = {
  tub: quantity('Tub and frame on the springs, mass', 'mass', {
    accepts: [0.05, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'All that hangs on the springs but what is filled in: with the exciter, and with the motor where that is on it.',
    measure: 'Bathroom scales.',
  }),
  load: quantity('Media and parts, mass', 'mass', {
    accepts: [0.01, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'What is filled in. With more load it moves less; the force stays.',
    measure: 'Kitchen scales, a bucket at a time.',
  }),
  does: choice(
    'What it does',
    { polish: 'deburrs, polishes', settle: 'a table that settles concrete' },
    { how: 'chosen', usual: 'polish', help: 'It says how hard it is right to shake.', measure: '' },
  ),
  driven: choice(
    'The exciter',
    {
      hose: 'an eccentric on a shaft, through a soft hose or coupling',
      vibrator: 'a sealed vibrator motor, bolted on',
      own: 'an eccentric on the shaft of a motor that hangs with it',
    },
    {
      how: 'chosen',
      usual: 'hose',
      help: 'Two schools: a driven eccentric is cheap and can be altered, with bearings and a coupling to look after; a sealed vibrator motor is dear, quiet and fixed to its frequency.',
      measure: '',
    },
  ),
  offcut: quantity('Eccentric, mass', 'mass', {
    accepts: [0.001, 200],
    bare: 'g',
    how: 'measured',
    help: 'Of an off-cut of steel; of two ends both together. Left out, it is what the acceleration needs.',
    measure: 'Kitchen scales.',
    when: ownExciter,
  }),
  radius: quantity('Eccentric, radius', 'length', {
    accepts: [1, 500],
    bare: 'mm',
    how: 'measured',
    help: 'From the middle of the shaft to the middle of the off-cut.',
    measure: 'Rule.',
    when: ownExciter,
  }),
  rated: quantity('Vibrator, force on its plate', 'force', {
    accepts: [10, 200_000],
    bare: 'N',
    how: 'plate',
    help: 'Centrifugal force with its weights set to all of it, at its speed. Left out, the force is what the acceleration needs.',
    measure: 'Its plate: kN, or kgf.',
    when: sealed,
  }),
  set: quantity('Vibrator, weights set to', 'fraction', {
    accepts: [0.01, 1],
    bare: '%',
    how: 'measured',
    help: 'At both ends alike.',
    measure: 'The scale on its weights, under the covers.',
    usual: { of: 'unseen', low: 0.5, value: 0.7, high: 1, source: 'Common practice, no source: weights are set to half to all' },
    when: sealed,
  }),
  speed: quantity('Speed of the exciter', 'speed', {
    accepts: [100, 12_000],
    bare: 'rpm',
    how: 'chosen',
    help: 'Twice as fast is four times the force and four times the g: the amplitude stays.',
    measure: '',
    usual: { of: 'unseen', low: 1_350, value: 1_425, high: 1_475, source: 'Common practice, no source: a four-pole motor, one to one' },
  }),
  wanted: quantity('Acceleration wished', 'acceleration', {
    accepts: [3, 300],
    bare: 'g',
    how: 'chosen',
    help: 'In g. Where no eccentric is made yet: it says how heavy it has to be.',
    measure: '',
    usual: { of: 'unseen', low: 34, value: 41, high: 59, source: 'Common practice, no source: 3.5 to 6 g, tables for concrete 3 to 5' },
  }),
  drop: quantity('Springs: further drop under a weight put on', 'length', {
    accepts: [0.1, 500],
    bare: 'mm',
    how: 'measured',
    help: 'How stiff the springs are, without taking them out.',
    measure: 'A mark on the tub against a rule, before and after the weight is put in.',
  }),
  added: quantity('Springs: the weight put on', 'mass', {
    accepts: [0.05, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'Only what was put on, not what hung there before.',
    measure: 'A bucket of water: a litre is a kilogram.',
  }),
  sag: quantity('Springs: sag under everything', 'length', {
    accepts: [0.1, 500],
    bare: 'mm',
    how: 'measured',
    help: 'From their free length, with all that hangs on them.',
    measure: 'Length of a spring by itself, and as it is loaded.',
  }),
  wire: quantity('Springs: wire', 'length', {
    accepts: [0.3, 40],
    bare: 'mm',
    how: 'measured',
    help: 'Of steel coil springs, where neither a drop nor their sag was measured.',
    measure: 'Calliper.',
  }),
  coil: quantity('Springs: coil, outside diameter', 'length', {
    accepts: [3, 400],
    bare: 'mm',
    how: 'measured',
    help: 'Over the wire.',
    measure: 'Calliper.',
  }),
  coils: quantity('Springs: coils that work', 'count', {
    accepts: [1, 60],
    bare: 'pcs',
    how: 'measured',
    help: 'Those that lie on the next one at the ends do not count.',
    measure: 'Counted.',
  }),
  springs: quantity('Springs: how many', 'count', {
    whole: true,
    accepts: [1, 40],
    bare: 'pcs',
    how: 'measured',
    help: 'Beside each other.',
    measure: 'Counted.',
    usual: { of: 'unseen', low: 4, value: 4, high: 4, source: 'Common practice, no source: one at each corner' },
  }),
  travel: quantity('Springs: travel until they are solid', 'length', {
    accepts: [1, 800],
    bare: 'mm',
    how: 'measured',
    help: 'From their free length.',
    measure: 'Free length less the coils laid on each other: their number times the wire.',
  }),
  gap: quantity('Gap to the frame', 'length', {
    accepts: [0.5, 500],
    bare: 'mm',
    how: 'measured',
    help: 'The least all round: it moves several times as far as it passes resonance.',
    measure: 'Rule.',
  }),
  bearings: choice('Bearings of the exciter', labelsOf(ballBearings), {
    how: 'measured',
    help: 'Two of them share the force. A sealed vibrator motor has what it needs.',
    measure: 'The number on the seal.',
    when: ownExciter,
  }),
  upIn: quantity('Runs up in', 'time', {
    accepts: [0.05, 600],
    bare: 's',
    how: 'measured',
    help: 'From rest to its speed.',
    measure: 'A watch, or a film of it.',
    usual: { of: 'unseen', low: 0.3, value: 1, high: 3, source: 'Common practice, no source: such motors are up to speed in 0.3 to 3 s' },
  }),
  downIn: quantity('Runs down in', 'time', {
    accepts: [0.05, 600],
    bare: 's',
    how: 'measured',
    help: 'Switched off, from its speed to rest: the slower, the further it moves as it passes resonance.',
    measure: 'A watch.',
    usual: { of: 'unseen', low: 2, value: 5, high: 12, source: 'Common practice, no source: a small eccentric runs down in 2 to 12 s' },
  }),
  handsClear: handsClearField('no'),
  lasts: lastsField(60, 360, 1440),
};

export const vibratoryTumblerHead = {
  role: 'work',
  kind: 'vibratory-tumbler',
  v: 1,
  label: 'vibrating tub or table',
  noun: 'exciter',
  ports: ['rotary', null],
  fields,
  groups: {
    'Springs, one of three ways': ['drop', 'added', 'sag', 'wire', 'coil', 'coils', 'springs', 'travel'],
    'Passing resonance': ['gap', 'upIn', 'downIn'],
    'What is usual': ['does', 'wanted', 'bearings', 'handsClear', 'lasts'],
  },
  ...vibratoryTumblerOutputs,
  sizing: vibratoryTumblerSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'vibratory-tumbler',
      name: 'Vibrating tub',
      says: 'motor on the frame, soft coupling, eccentric under a tub on springs',
      brief: 'Deburr and polish small brass and steel parts.',
      tool: 'exciter shaft',
      stages: [['coupling', 1]],
      entries: {
        'source/power': '0.25 kW',
        'source/speed': '1400 rpm',
        'work/tub': '9 kg',
        'work/load': '13 kg',
        'work/offcut': '900 g',
        'work/radius': '45 mm',
        'work/sag': '100 mm',
      },
    },
  ],
  short: (typed) => `vibrating tub ${typed('load') ?? ''}`.trim(),
} as const satisfies KindHead;
