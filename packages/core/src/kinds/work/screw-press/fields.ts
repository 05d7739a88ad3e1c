import { pressed } from '../../../catalog/pressed.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { screwPressOutputs } from './outputs.js';
import { screwPressSizing } from './sizing.js';

const fields = {
  material: choice('What is pressed', labelsOf(pressed), {
    how: 'chosen',
    usual: 'pulp',
    help: 'It says with what pressure; of parts the force is entered.',
    measure: '',
  }),
  area: quantity('Area that is pressed', 'area', {
    accepts: [50, 5_000_000],
    bare: 'cm²',
    how: 'measured',
    help: 'Of the basket, the cloths or the boards. A basket of 40 cm is 1257 cm².',
    measure: 'Length times width; of a round one its diameter times itself, times 0.785.',
  }),
  pressure: quantity('Pressure at the end', 'pressure', {
    accepts: [0.01, 500],
    bare: 'bar',
    how: 'chosen',
    help: 'Leave it: it follows from what is pressed.',
    measure: 'A gauge on a car jack that presses the same area.',
  }),
  force: quantity('Force, where it is known', 'force', {
    accepts: [50, 1_000_000],
    bare: 'kN',
    how: 'measured',
    help: 'Instead of area and pressure: of a jack that does the same, or of the wedge.',
    measure: 'A jack with its tonnes marked that just does it: a tonne is 9.8 kN.',
  }),
  screw: quantity('Screw, outside diameter', 'length', {
    accepts: [6, 150],
    bare: 'mm',
    how: 'measured',
    help: 'Over its thread.',
    measure: 'Calliper.',
  }),
  lead: quantity('Screw, lead', 'length', {
    accepts: [0.5, 100],
    bare: 'mm',
    how: 'measured',
    help: 'How far a turn moves it: of one start its pitch, of two starts twice that.',
    measure: 'Turn it ten times, and look how far it went.',
  }),
  pitch: quantity('Screw, pitch where it has several starts', 'length', {
    accepts: [0.5, 50],
    bare: 'mm',
    how: 'measured',
    help: 'From one ridge to the next. Left out it is the lead.',
    measure: 'Ten ridges along a rule, divided by ten.',
  }),
  thread: choice(
    'Thread',
    { trapezoid: 'trapezoidal or Acme', square: 'square', pointed: 'pointed: threaded bar' },
    { how: 'measured', usual: 'trapezoid', help: 'A pointed thread costs more friction.', measure: 'Look at a ridge from the side.' },
  ),
  grease: choice(
    'Thread runs',
    { greased: 'greased, steel in bronze', steel: 'greased, steel in steel', dry: 'dry' },
    { how: 'chosen', usual: 'greased', help: 'Friction decides most of its torque.', measure: '' },
  ),
  thrust: choice(
    'Force is taken by',
    { ball: 'a ball or roller thrust bearing', collar: 'a plain collar, greased' },
    { how: 'measured', usual: 'ball', help: 'A plain collar costs nearly as much as the thread.', measure: 'Look where screw or nut is held.' },
  ),
  speed: quantity('Speed of the plate', 'feed', {
    accepts: [0.05, 500],
    bare: 'mm/s',
    how: 'chosen',
    help: 'While it presses.',
    measure: '',
    usual: {
      of: 'scatter',
      low: 1.5,
      value: 2,
      high: 2.5,
      source: 'Common practice, no source: motor-driven screw presses close at 1.5 to 2.5 mm/s',
    },
  }),
  stroke: quantity('Stroke', 'length', {
    accepts: [1, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'From open to pressed.',
    measure: 'Rule.',
  }),
  drains: quantity('It stays pressed for', 'time', {
    accepts: [1, 1_000_000],
    bare: 'min',
    how: 'chosen',
    help: 'Juice or glue needs its time; the motor rests while the screw stays pressed.',
    measure: 'Until it only drips.',
  }),
  free: quantity('Screw, longest that is pressed', 'length', {
    accepts: [10, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'Between nut and plate at the end of its stroke: longer screws bow out.',
    measure: 'Rule.',
  }),
  nut: quantity('Nut, length of its thread', 'length', {
    accepts: [3, 500],
    bare: 'mm',
    how: 'measured',
    help: 'The longer, the less it is pressed.',
    measure: 'Calliper.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'dry-wood', because: 'it ends against boards or a full basket; of steel in steel choose steel' }),
  lasts: lastsField(1, 5, 10),
};

export const screwPressHead = {
  role: 'work',
  kind: 'screw-press',
  v: 1,
  label: 'press with a screw',
  noun: 'screw',
  ports: ['rotary', null],
  fields,
  groups: {
    'The screw': ['pitch', 'thread', 'grease', 'thrust', 'free', 'nut'],
    'A pressing': ['speed', 'stroke', 'drains', 'lasts'],
    'Force, pressure': ['pressure', 'force'],
    'In a jam': ['jam', 'handsClear', 'resists'],
  },
  ...screwPressOutputs,
  sizing: screwPressSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'cider-press',
      name: 'Cider press',
      says: 'motor, worm gearbox, chain, screw',
      brief: 'Press the pulp of a crusher, and hold it while the juice runs.',
      tool: 'screw',
      stages: [
        ['coupling', 1],
        ['gearbox', 30],
        ['roller-chain', 2.3],
      ],
      entries: {
        'source/power': '0.75 kW',
        'source/speed': '1400 rpm',
        'work/area': '1257 cm²',
        'work/screw': '36 mm',
        'work/lead': '6 mm',
        'work/stroke': '300 mm',
      },
    },
  ],
  short: (typed) => `screw press ${typed('screw') ?? ''}`.trim(),
} as const satisfies KindHead;
