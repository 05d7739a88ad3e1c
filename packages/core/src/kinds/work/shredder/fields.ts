import { shredded } from '../../../catalog/shredded.js';
import { choice, quantity, text } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { loadedField } from '../../shared/loaded.js';
import { shredderOutputs } from './outputs.js';
import { shredderSizing } from './sizing.js';

// While nothing is chosen it is what is usual.
const hooked = { field: 'sort', is: ['', 'one', 'two'] } as const;
const combed = { field: 'sort', is: ['', 'one'] } as const;
const knives = { field: 'sort', is: ['granulator'] } as const;

const fields = {
  sort: choice(
    'Which shredder',
    {
      one: 'one shaft with hooks, against a comb',
      two: 'two shafts with hooks, against each other',
      granulator: 'a rotor with long knives and a screen',
    },
    {
      how: 'chosen',
      usual: 'one',
      help: 'Hooks are slow and strong, and are reversed when they jam; a rotor with knives is fast, and its heavy pulley makes the cut.',
      measure: 'Look in with the plug pulled.',
    },
  ),
  material: choice('What goes in', labelsOf(shredded), {
    how: 'measured',
    help: 'The toughest of it: it says what a cut takes, and how much energy a kilogram.',
    measure: 'The sign in the triangle of arrows.',
  }),
  wall: quantity('Thickness as it is bitten', 'length', {
    accepts: [0.02, 60],
    bare: 'mm',
    how: 'measured',
    help: 'The thickest place that is cut through at once: a rim, or a crushed packet of so many walls.',
    measure: 'Calliper on the rim; of a crushed can all of its layers together.',
  }),
  blade: quantity('Blade, thickness', 'length', {
    accepts: [0.5, 60],
    bare: 'mm',
    how: 'measured',
    help: 'Of one hooked disc.',
    measure: 'Calliper.',
    when: hooked,
  }),
  reach: quantity('Hook, depth', 'length', {
    accepts: [1, 200],
    bare: 'mm',
    how: 'measured',
    help: 'From its tip to the bottom beside it: how much it takes in one bite.',
    measure: 'Calliper, or the drawing it was cut from.',
    when: hooked,
  }),
  over: quantity('Diameter over the hooks or knives', 'length', {
    accepts: [20, 2_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of the circle that the tips run on.',
    measure: 'Rule across two tips.',
  }),
  blades: quantity('Blades on all shafts', 'count', {
    whole: true,
    accepts: [1, 200],
    bare: 'pcs',
    how: 'measured',
    help: 'Discs with hooks.',
    measure: 'Counted.',
    when: hooked,
  }),
  hooks: quantity('Hooks of a blade', 'count', {
    whole: true,
    accepts: [1, 24],
    bare: 'pcs',
    how: 'measured',
    help: 'Round one disc.',
    measure: 'Counted.',
    when: hooked,
  }),
  order: text('Order of the blades', {
    how: 'chosen',
    help: 'Places round the shaft in the order of the blades, repeated along it: 1-2-3 has three places, 1 all blades in line. Left out: each has a place of its own, evenly round.',
    measure: 'Chalk the first hook of each blade, and look along the shaft.',
    longest: 120,
    when: hooked,
  }),
  knives: quantity('Knives on the rotor', 'count', {
    whole: true,
    accepts: [1, 24],
    bare: 'pcs',
    how: 'measured',
    help: 'Long knives, along the rotor.',
    measure: 'Counted.',
    when: knives,
  }),
  bite: quantity('Edge that cuts at once', 'length', {
    accepts: [1, 500],
    bare: 'mm',
    how: 'measured',
    help: 'Of a knife, in the material at one moment: less than its length where the knife is askew as a scissor is.',
    measure: 'A strip through it by hand: how much lies on the edge.',
    usual: {
      of: 'scatter',
      low: 15,
      value: 25,
      high: 45,
      source: 'Common practice, no source: a scissor cut has 15 to 45 mm of edge in the material',
    },
    when: knives,
  }),
  throughput: quantity('Throughput needed', 'mass-rate', {
    accepts: [0.1, 20_000],
    bare: 'kg/h',
    how: 'chosen',
    help: 'How much should go through.',
    measure: 'A bucket of bottle caps holds 3 kg.',
  }),
  screen: quantity('Screen, holes', 'length', {
    accepts: [1, 60],
    bare: 'mm',
    how: 'measured',
    help: 'What is larger goes round again: a finer screen costs energy and time. Leave it where there is none.',
    measure: 'A drill that just fits.',
  }),
  energy: quantity('Energy to shred', 'specific-energy', {
    accepts: [3_000, 2_000_000],
    bare: 'kWh/t',
    how: 'measured',
    help: 'Leave it: it follows from what goes in and from the screen.',
    measure: 'An energy meter over a weighed bucket, the idle run taken off.',
  }),
  edges: choice(
    'Edges',
    { sharp: 'sharp, little gap', used: 'as they are after some weeks', blunt: 'blunt, or with a wide gap' },
    {
      how: 'measured',
      help: 'Blunt edges cost half as much again, in force and in energy.',
      measure: 'A strip of paper: it is cut, or folded in.',
    },
  ),
  cold: choice(
    'How warm what goes in is',
    { cold: 'near frost', room: 'as a room', warm: 'warm from the sun' },
    { how: 'chosen', usual: 'room', help: 'Plastic is tougher to cut in the cold, softer when warm.', measure: 'A thermometer in the bin.' },
  ),
  spacer: quantity('Spacer, thickness', 'length', {
    accepts: [0.5, 80],
    bare: 'mm',
    how: 'measured',
    help: 'Between two blades of a shaft. With the blade of the other side, or a finger of the comb, in it, what is left is two gaps.',
    measure: 'Calliper.',
    when: hooked,
  }),
  finger: quantity('Finger of the comb, thickness', 'length', {
    accepts: [0.5, 80],
    bare: 'mm',
    how: 'measured',
    help: 'What the blades pass, between two of them. Left out, as thick as a blade.',
    measure: 'Calliper.',
    when: combed,
  }),
  root: quantity('Hook, width at its root', 'length', {
    accepts: [1, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Along the rim, where the hook joins the disc: it says what bends a hook.',
    measure: 'Calliper, or the drawing it was cut from.',
    when: hooked,
  }),
  pulley: quantity('Heavy pulley on it, inertia', 'inertia', {
    accepts: [0, 1_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'A disc of 15 kg and 300 mm has 0.17 kg·m². It makes the cut, and it makes a jam harder.',
    measure: 'Half its mass times the square of its radius.',
  }),
  mass: quantity('Rotor, mass', 'mass', {
    accepts: [0.1, 5_000],
    bare: 'kg',
    how: 'measured',
    help: 'Shaft and blades, for its inertia.',
    measure: 'Bathroom scales.',
  }),
  loaded: loadedField('up-to-speed'),
  handsClear: handsClearField('yes'),
  ...jamFields({ is: 'steel', because: 'a screw or a bolt gets in sooner or later' }),
  lasts: lastsField(10, 30, 120),
};

export const shredderHead = {
  role: 'work',
  kind: 'shredder',
  v: 1,
  label: 'shredder',
  noun: 'rotor',
  ports: ['rotary', null],
  fields,
  groups: {
    Blades: ['spacer', 'finger', 'root', 'edges', 'bite'],
    'Output, energy': ['screen', 'energy', 'cold'],
    'In a jam': ['mass', 'pulley', 'jam', 'handsClear', 'resists'],
    'Start, time': ['loaded', 'lasts'],
  },
  ...shredderOutputs,
  sizing: shredderSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'shredder',
      name: 'Shredder',
      says: 'motor, coupling, worm gearbox, chain, one shaft with hooks',
      brief: 'Shred pots and caps to be pressed again; it jams, and is reversed.',
      tool: 'shredder shaft',
      stages: [
        ['coupling', 1],
        ['gearbox', 15],
        ['roller-chain', 1.7],
      ],
      entries: {
        'source/power': '1.5 kW',
        'source/speed': '1420 rpm',
        'work/material': 'hdpe',
        'work/wall': '2 mm',
        'work/reach': '10 mm',
        'work/over': '130 mm',
        'work/blades': '14',
        'work/hooks': '2',
      },
    },
  ],
  short: (typed) => `shredder ${typed('material') ?? ''}`.trim(),
} as const satisfies KindHead;
