import { shocks } from '../../../catalog/service-factors.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields, stopsField } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { madeField } from '../../shared/over-speed.js';
import { sortField } from '../../shared/tool-sort.js';
import { directWorkOutputs } from './outputs.js';
import { directSizing } from './sizing.js';

const fields = {
  torque: quantity('Torque needed', 'torque', {
    accepts: [0.001, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What turning the tool steadily takes, at the tool’s own shaft.',
    measure: 'A lever and a spring scale on the tool shaft, with the work in it: force times length.',
  }),
  breakaway: quantity('Breakaway torque', 'torque', {
    accepts: [0.001, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What it takes to get the tool moving from rest: loaded, or empty where it is loaded once it is up to speed.',
    measure: 'The most the scale shows before the tool moves.',
  }),
  tool: sortField,
  loaded: loadedField(),
  growth: choice(
    'Torque over speed',
    { constant: 'the same at any speed', linear: 'grows with the speed', square: 'grows with its square' },
    {
      help: 'Crushing and lifting need the same torque at any speed; stirring needs more as the speed grows, blowing and pumping as its square.',
      measure: '',
      usual: 'constant',
    },
  ),
  diameter: quantity('Tool, diameter', 'length', {
    accepts: [5, 3_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the roll, blade or chuck where it meets the work.',
    measure: 'Tape across it.',
  }),
  handsClear: handsClearField('yes'),
  ...jamFields(),
  stops: stopsField,
  inertia: quantity('Inertia of the tool', 'inertia', {
    accepts: [1e-6, 10_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Of everything on the tool’s shaft but the wheel that drives it. A solid roll: half its mass times its radius squared.',
    measure: 'Weigh it and measure its diameter.',
  }),
  most: quantity('Speed it must not pass', 'speed', {
    accepts: [0.1, 100_000],
    bare: 'rpm',
    how: 'plate',
    help: 'What is marked on a wheel or chuck, or what its bearings allow.',
    measure: 'On the tool itself.',
  }),
  made: madeField,
  shock: choice('How rough', shocks, { help: 'Sets the service factor of belts and chains.', measure: '' }),
  lasts: lastsField(10, 30, 240),
};

export const directWorkHead = {
  role: 'work',
  kind: 'direct',
  v: 2,
  label: 'work entered directly',
  noun: 'work',
  ports: ['rotary', null],
  fields,
  groups: {
    'In a jam, and at speed': ['diameter', 'jam', 'handsClear', 'stops', 'resists', 'inertia', 'most', 'made'],
    'Start, roughness': ['loaded', 'breakaway', 'growth', 'shock', 'lasts'],
  },
  ...directWorkOutputs,
  sizing: directSizing,
  upgrade: { 1: (inputs) => inputs },
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'lathe',
      name: 'Lathe',
      says: 'motor, V-belt, spindle',
      brief: 'Turn wood; slow enough for the largest blank.',
      tool: 'spindle',
      stages: [['v-belt', 2]],
      entries: {
        'source/power': '0.75 kW',
        'source/speed': '1425 rpm',
        'work/torque': '5 N·m',
        'work/diameter': '300 mm',
        'work/shock': 'light',
        'work/tool': 'chuck',
      },
    },
    {
      id: 'splitter',
      name: 'Splitter',
      says: 'motor, V-belt with a shear pin behind it, cone or crank',
      brief: 'Split kindling; must stop by itself when it sticks.',
      tool: 'cone',
      stages: [
        ['v-belt', 4],
        ['torque-limiter', 1],
      ],
      entries: { 'source/power': '1.5 kW', 'source/speed': '1430 rpm', 'work/torque': '25 N·m', 'work/diameter': '70 mm', 'work/shock': 'heavy' },
    },
    {
      id: 'crank',
      name: 'By hand',
      says: 'hand crank, chain, work that a machine was measured doing',
      brief: '',
      tool: 'tool shaft',
      source: 'hand-crank',
      stages: [['roller-chain', 0.5]],
      entries: { 'source/radius': '200 mm', 'work/torque': '4 N·m', 'work/diameter': '120 mm' },
    },
  ],
  short: (typed) => `${typed('torque') ?? 'work'}`,
} as const satisfies KindHead;
