import { shocks } from '../../../catalog/service-factors.js';
import { choice, quantity, table, text } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { madeField } from '../../shared/over-speed.js';
import { sortField } from '../../shared/tool-sort.js';
import { measuredWorkOutputs } from './outputs.js';
import { measuredSizing } from './sizing.js';

const watts = (label: string, help: string) =>
  quantity(label, 'power', { accepts: [0.1, 1_000_000], bare: 'W', how: 'measured', help, measure: 'A plug-in meter at the wall.' });
const fields = {
  working: watts('From the wall, at work', 'What a machine that already does the job draws while it does it.'),
  readings: table(
    'Readings at work',
    'reading',
    {
      drawn: watts('Drawn from the wall', 'One reading of the meter.'),
      what: text('At what', {
        help: 'What it worked on at that moment.',
        measure: 'A word is enough: green branch, 30 mm.',
        how: 'measured',
        longest: 60,
      }),
    },
    {
      help: 'Several readings instead of one: their mean is taken, from the least to the most of them, where “at work” is left empty.',
      measure: 'Read the meter every few seconds while it works; or copy the rows from a spreadsheet and paste them into a cell.',
    },
  ),
  idling: watts('From the wall, idling', 'The same machine with nothing in it.'),
  efficiency: quantity('Efficiency of its motor', 'fraction', {
    accepts: [0.05, 1],
    bare: null,
    how: 'measured',
    help: 'At full load. What it loses idling is in both readings; only the losses that come with the load are taken off.',
    measure: 'From its plate, or left.',
    usual: { of: 'scatter', low: 0.5, value: 0.62, high: 0.75, source: 'Common practice, no source: small single-phase motors' },
  }),
  speed: quantity('Its tool turned at', 'speed', {
    accepts: [0.1, 100_000],
    bare: 'rpm',
    how: 'measured',
    help: 'While it was measured.',
    measure: 'A tachometer on its tool.',
  }),
  drag: quantity('Own drag here', 'torque', {
    accepts: [0, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What the machine here takes at its tool’s shaft with nothing in it; up to a tenth of the work where left out.',
    measure: 'Turn it empty by a lever and a spring scale.',
  }),
  tool: sortField,
  loaded: loadedField('up-to-speed'),
  diameter: quantity('Tool, diameter', 'length', {
    accepts: [5, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the tool here.',
    measure: 'Tape across it.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields(),
  most: quantity('Speed it must not pass', 'speed', {
    accepts: [0.1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'What is marked on the tool here, or what its bearings allow.',
    measure: 'On the tool itself.',
  }),
  made: madeField,
  shock: choice('How rough', shocks, { help: 'Sets the service factor of belts and chains.', measure: '' }),
  lasts: lastsField(10, 30, 240),
};

export const measuredWorkHead = {
  role: 'work',
  kind: 'measured',
  v: 1,
  label: 'work of a measured machine',
  noun: 'work',
  ports: ['rotary', null],
  fields,
  groups: {
    'Several readings': ['readings'],
    'Start, roughness': ['drag', 'loaded', 'shock', 'lasts'],
    'In a jam, and at speed': ['diameter', 'jam', 'handsClear', 'resists', 'most', 'made'],
  },
  ...measuredWorkOutputs,
  sizing: measuredSizing,
  short: (typed) => `measured ${typed('working') ?? ''}`.trim(),
} as const satisfies KindHead;
