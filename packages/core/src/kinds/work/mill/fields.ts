import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { metalFields } from '../../shared/metal-cutting.js';
import { speedFields } from '../../shared/spindle-speeds.js';
import { millOutputs } from './outputs.js';
import { millSizing } from './sizing.js';

const fields = {
  across: quantity('Cutter, diameter', 'length', {
    accepts: [0.3, 200],
    bare: 'mm',
    how: 'chosen',
    help: 'Of the largest cutter that is used at full depth.',
    measure: 'Calliper over its teeth.',
  }),
  least: quantity('Cutter, least diameter', 'length', {
    accepts: [0.1, 200],
    bare: 'mm',
    how: 'chosen',
    help: 'It says how fast the spindle should be able to turn.',
    measure: 'The smallest that is used often.',
  }),
  teeth: quantity('Teeth', 'count', {
    whole: true,
    accepts: [1, 40],
    bare: 'pcs',
    how: 'measured',
    help: 'Of the cutter, round its rim.',
    measure: 'Counted.',
    usual: { of: 'unseen', low: 2, value: 3, high: 4, source: 'Common practice, no source: end mills have two to four teeth' },
  }),
  depth: quantity('Depth of cut', 'length', {
    accepts: [0.01, 200],
    bare: 'mm',
    how: 'chosen',
    help: 'Along the cutter.',
    measure: 'The scale of the table or the quill.',
  }),
  width: quantity('Width of cut', 'length', {
    accepts: [0.01, 200],
    bare: 'mm',
    how: 'chosen',
    help: 'Across the cutter: a slot is as wide as the cutter. A slot takes more than twice what a third of the width does.',
    measure: 'The scale of the table.',
  }),
  bite: quantity('Feed a tooth', 'length', {
    accepts: [0.001, 1],
    bare: 'mm',
    how: 'chosen',
    help: 'How far the work goes on from one tooth to the next.',
    measure: 'Feed a minute by the speed and the teeth.',
    usual: { of: 'unseen', low: 0.03, value: 0.05, high: 0.08, source: 'Common practice, no source: bench mills feed 0.03 to 0.08 mm a tooth' },
  }),
  ...metalFields,
  ...speedFields,
  most: quantity('Spindle, cutter: good for', 'speed', {
    accepts: [10, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'Faster than that its bearings run hot: a spindle good for 4000 wastes a motor of 12 000.',
    measure: 'The bearings’ catalogue: size, grease and seals.',
  }),
  inertia: quantity('Spindle and cutter, inertia', 'inertia', {
    accepts: [1e-8, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'A spindle of 40 mm and 4 kg has 0.0008 kg·m².',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'steel', because: 'a tooth that digs in is stopped by steel' }),
  lasts: lastsField(10, 60, 240),
};

export const millHead = {
  role: 'work',
  kind: 'mill',
  v: 1,
  label: 'milling spindle',
  noun: 'cutter',
  ports: ['rotary', null],
  fields,
  groups: {
    Tool: ['teeth', 'bite', 'tool', 'edges'],
    'Range of speeds': ['slowest', 'fastest', 'most'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...millOutputs,
  sizing: millSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'mill',
      name: 'Milling spindle',
      says: 'motor, toothed belt, spindle',
      brief: 'Mill mild steel with cutters up to 16 mm.',
      tool: 'spindle',
      stages: [['timing-belt', 2.9]],
      entries: {
        'source/power': '0.75 kW',
        'source/speed': '1420 rpm',
        'work/across': '16 mm',
        'work/teeth': '4',
        'work/depth': '6 mm',
        'work/width': '6 mm',
      },
    },
  ],
  short: (typed) => `mill ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
