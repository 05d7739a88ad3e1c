import { quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { lastsField } from '../../shared/lasts.js';
import { woodFields } from '../../shared/wood-cutting.js';
import { planerOutputs } from './outputs.js';
import { planerSizing } from './sizing.js';

const fields = {
  block: quantity('Cutter block, over the knives', 'length', {
    accepts: [20, 300],
    bare: 'mm',
    how: 'measured',
    help: 'Of the circle that the edges run on.',
    measure: 'Calliper over two edges.',
  }),
  knives: quantity('Knives', 'count', {
    whole: true,
    accepts: [1, 12],
    bare: 'pcs',
    how: 'measured',
    help: 'Round the block.',
    measure: 'Counted.',
    usual: { of: 'unseen', low: 2, value: 2, high: 3, source: 'Common practice, no source: small planers have two or three knives' },
  }),
  wide: quantity('Wood, width', 'length', {
    accepts: [5, 1_000],
    bare: 'mm',
    how: 'chosen',
    help: 'The widest board.',
    measure: 'Rule.',
  }),
  depth: quantity('Depth of cut', 'length', {
    accepts: [0.05, 10],
    bare: 'mm',
    how: 'chosen',
    help: 'In one pass. Half as deep takes well over half.',
    measure: 'The scale of the table.',
  }),
  feed: quantity('Feed', 'feed', {
    accepts: [5, 1_000],
    bare: 'm/min',
    how: 'chosen',
    help: 'By its rollers, or by hand.',
    measure: 'A board by the clock.',
    usual: { of: 'unseen', low: 67, value: 100, high: 133, source: 'Common practice, no source: rollers feed 4 to 8 m/min' },
  }),
  ...woodFields,
  most: quantity('Block: good for', 'speed', {
    accepts: [100, 30_000],
    bare: 'rpm',
    how: 'plate',
    help: 'By its balance, and by how its knives are held.',
    measure: 'On the block.',
  }),
  inertia: quantity('Cutter block, inertia', 'inertia', {
    accepts: [1e-6, 100],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Left out, as of steel as long as the wood is wide.',
    measure: 'Half its mass times the square of its radius.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'dry-wood', because: 'a board thicker at one end is what stops it' }),
  lasts: lastsField(5, 30, 120),
};

export const planerHead = {
  role: 'work',
  kind: 'planer',
  v: 1,
  label: 'planer, thicknesser',
  noun: 'cutter block',
  ports: ['rotary', null],
  fields,
  groups: {
    'Block, feed': ['knives', 'feed', 'edges', 'most'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...planerOutputs,
  sizing: planerSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'planer',
      name: 'Planer',
      says: 'motor, V-belt that speeds it up, cutter block',
      brief: 'Plane boards of 180 mm.',
      tool: 'cutter block',
      stages: [['v-belt', 0.5]],
      entries: {
        'source/power': '2.2 kW',
        'source/speed': '2850 rpm',
        'work/block': '63 mm',
        'work/knives': '3',
        'work/wide': '180 mm',
        'work/depth': '2 mm',
      },
    },
  ],
  short: (typed) => `planer ${typed('wide') ?? ''}`.trim(),
} as const satisfies KindHead;
