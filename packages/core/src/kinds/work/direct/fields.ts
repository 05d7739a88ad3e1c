import { shocks } from '../../../catalog/v-belts.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { jamField, stopsField } from '../../stops.js';

const fields = {
  torque: quantity('Torque asked', 'torque', {
    accepts: [0.001, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What turning the tool steadily takes, at the tool’s own shaft.',
    measure: 'A lever and a spring scale on the tool shaft, with the work in it: force times length.',
  }),
  breakaway: quantity('Torque to break away', 'torque', {
    accepts: [0.001, 1_000_000],
    bare: 'N·m',
    how: 'measured',
    help: 'What it takes to get the loaded tool moving from rest; the steady torque where left out.',
    measure: 'The most the scale shows before the tool moves.',
  }),
  growth: choice(
    'It asks',
    { constant: 'the same at any speed', linear: 'more, as the speed grows', square: 'more, as its square' },
    {
      help: 'Crushing and lifting ask the same at any speed, stirring grows with it, blowing and pumping with its square.',
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
  jam: jamField,
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
    help: 'What is marked on a wheel or chuck, or what its bearings stand.',
    measure: 'On the tool itself.',
  }),
  shock: choice('How rough', shocks, { help: 'Sets the service factor of belts and chains.', measure: '' }),
};

export const directWorkHead = {
  role: 'work',
  kind: 'direct',
  v: 2,
  label: 'work entered directly',
  fields,
  groups: { 'In a jam, and at speed': ['diameter', 'jam', 'stops', 'inertia', 'most'], 'Start, roughness': ['breakaway', 'growth', 'shock'] },
  upgrade: { 1: (inputs) => inputs },
  short: (typed) => `${typed('torque') ?? 'work'}`,
} as const satisfies KindHead;
