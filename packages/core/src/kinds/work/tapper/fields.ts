import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { metalFields } from '../../shared/metal-cutting.js';
import { tapperOutputs } from './outputs.js';
import { tapperSizing } from './sizing.js';

const fields = {
  across: quantity('Thread, diameter', 'length', {
    accepts: [1, 100],
    bare: 'mm',
    how: 'chosen',
    help: 'Of the largest tap: M10 is 10 mm.',
    measure: 'Calliper over the tap.',
  }),
  pitch: quantity('Pitch', 'length', {
    accepts: [0.1, 10],
    bare: 'mm',
    how: 'chosen',
    help: 'From one thread to the next: M10 has 1.5 mm. A fine thread takes less than half of the torque of a coarse one.',
    measure: 'On the tap; or a rule along ten threads. 20 to the inch are 1.27 mm.',
  }),
  hole: quantity('Hole', 'length', {
    accepts: [0.5, 100],
    bare: 'mm',
    how: 'chosen',
    help: 'As it is drilled. Left out, the diameter less the pitch.',
    measure: 'The drill that it was drilled with.',
  }),
  through: choice(
    'The hole is',
    { blind: 'blind', open: 'through' },
    { how: 'chosen', usual: 'blind', help: 'In a blind one chips are packed at its bottom, and the tap must stop before that.', measure: '' },
  ),
  holds: choice(
    'The tap is held',
    {
      floating: 'in a floating holder or a reversing head',
      locked: 'rigidly, its feed locked to the spindle by feedback',
      hand: 'rigidly, fed by hand',
      loose: 'rigidly, fed by a motor without feedback',
    },
    {
      how: 'chosen',
      usual: 'floating',
      help: 'A rigid holder lets the feed be wrong by a fiftieth of a turn: only feedback of the spindle’s angle holds that.',
      measure: '',
    },
  ),
  ...metalFields,
  inertia: quantity('Spindle and holder, inertia', 'inertia', {
    accepts: [1e-7, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'All that has to be stopped and turned back at the bottom.',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'steel', because: 'a tap that meets the bottom is stopped by steel' }),
  lasts: lastsField(0.5, 2, 10),
};

export const tapperHead = {
  role: 'work',
  kind: 'tapper',
  v: 1,
  label: 'tapping spindle',
  noun: 'tap',
  ports: ['rotary', null],
  fields,
  groups: {
    'Hole, holder': ['hole', 'through', 'holds'],
    Tool: ['tool', 'edges'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...tapperOutputs,
  sizing: tapperSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'tapper',
      name: 'Tapping arm',
      says: 'motor, toothed belt, gearbox, spindle',
      brief: 'Tap M10 in mild steel.',
      tool: 'spindle',
      stages: [
        ['timing-belt', 1],
        ['gearbox', 5],
      ],
      entries: { 'source/power': '0.55 kW', 'source/speed': '1420 rpm', 'source/phases': '3', 'work/across': '10 mm', 'work/pitch': '1.5 mm' },
    },
  ],
  short: (typed) => `tap ${typed('across') ?? ''}`.trim(),
} as const satisfies KindHead;
