import { splits } from '../../../catalog/woods.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { coneSplitterOutputs } from './outputs.js';
import { coneSplitterSizing } from './sizing.js';

const fields = {
  pitch: quantity('Thread, pitch', 'length', {
    accepts: [0.5, 60],
    bare: 'mm',
    how: 'measured',
    help: 'How far a turn draws it in.',
    measure: 'Ten threads along a rule, divided by ten.',
  }),
  wide: quantity('Cone, widest', 'length', {
    accepts: [20, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Across its base.',
    measure: 'Calliper.',
  }),
  deep: quantity('Cone, length', 'length', {
    accepts: [40, 800],
    bare: 'mm',
    how: 'measured',
    help: 'From its tip to its base: most logs are split by half of it.',
    measure: 'Rule along it.',
  }),
  wood: choice('Wood', labelsOf(splits), {
    how: 'chosen',
    usual: 'hard',
    help: 'Logs of stove length, 200 to 330 mm.',
    measure: '',
  }),
  force: quantity('Force that drives it in', 'force', {
    accepts: [50, 200_000],
    bare: 'kN',
    how: 'measured',
    help: 'Leave it: it follows from the wood.',
    measure: 'A wedge of the same angle driven by a car jack under a beam, its force by the beam’s lever and a bathroom scale.',
  }),
  pull: quantity('Bar: pull at the scale', 'force', {
    accepts: [0.5, 10_000],
    bare: 'N',
    how: 'measured',
    help: 'The experiment that replaces the guess: the cone turned into a log by hand.',
    measure: 'Plug out, a bar on the cone’s shaft, a spring scale square to it. Kilos are read as force.',
  }),
  arm: quantity('Bar: from shaft to scale', 'length', {
    accepts: [20, 5_000],
    bare: 'mm',
    how: 'measured',
    help: 'Where the scale pulls.',
    measure: 'Rule from the middle of the shaft.',
  }),
  flywheel: quantity('Cone and flywheel, inertia', 'inertia', {
    accepts: [0, 1_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'A heavy pulley helps it through knots, and makes a stop harder.',
    measure: 'Half its mass times the square of its radius.',
  }),
  loaded: loadedField('up-to-speed'),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'dry-wood', because: 'a knot is what stops it' }),
  lasts: lastsField(10, 30, 120),
};

export const coneSplitterHead = {
  role: 'work',
  kind: 'cone-splitter',
  v: 1,
  label: 'screw cone that splits wood',
  noun: 'cone',
  ports: ['rotary', null],
  fields,
  groups: {
    'Bar and scale, instead of the guess': ['pull', 'arm'],
    'What is usual': ['wood', 'force'],
    'In a jam': ['flywheel', 'jam', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...coneSplitterOutputs,
  sizing: coneSplitterSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'cone-splitter',
      name: 'Screw cone splitter',
      says: 'motor, V-belt, screw cone',
      brief: 'Split stove wood with a screw cone, by a foot switch that stops when it is released.',
      tool: 'cone',
      stages: [['v-belt', 4]],
      entries: {
        'source/power': '2.2 kW',
        'source/speed': '1420 rpm',
        'v-belt/belts': '2',
        'work/pitch': '9 mm',
        'work/wide': '80 mm',
        'work/deep': '200 mm',
      },
    },
  ],
  short: (typed) => `splitting cone ${typed('wide') ?? ''}`.trim(),
} as const satisfies KindHead;
