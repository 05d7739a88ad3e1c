import { cutMetals } from '../../../catalog/cut-metals.js';
import { choice, quantity } from '../../fields.js';
import type { KindHead } from '../../kind.js';
import { handsClearField } from '../../shared/hands-clear.js';
import { jamFields } from '../../shared/jam-stop.js';
import { labelsOf } from '../../shared/labels-of.js';
import { lastsField } from '../../shared/lasts.js';
import { woodFields } from '../../shared/wood-cutting.js';
import { bandSawOutputs } from './outputs.js';
import { bandSawSizing } from './sizing.js';

const metal = { field: 'cuts', is: ['metal'] } as const;
// While nothing is chosen it is what is usual.
const wooden = { field: 'cuts', is: ['', 'wood'] } as const;

const fields = {
  cuts: choice(
    'What it cuts',
    { wood: 'wood', metal: 'metal' },
    { how: 'chosen', usual: 'wood', help: 'Wood is cut thirty times as fast as steel: a saw is for one of them, or has gears between.', measure: '' },
  ),
  wheel: quantity('Wheels, diameter', 'length', {
    accepts: [50, 1_500],
    bare: 'mm',
    how: 'measured',
    help: 'Over their tyres.',
    measure: 'Rule across the driven one.',
  }),
  thick: quantity('Blade, thickness', 'length', {
    accepts: [0.2, 3],
    bare: 'mm',
    how: 'measured',
    help: 'Of its back. What is thick for its wheels cracks early.',
    measure: 'Calliper.',
    usual: { of: 'unseen', low: 0.5, value: 0.65, high: 0.9, source: 'Common practice, no source: blades of small saws are 0.5 to 0.9 mm thick' },
  }),
  wide: quantity('Blade, width', 'length', {
    accepts: [2, 150],
    bare: 'mm',
    how: 'measured',
    help: 'From its back to its teeth: with its thickness it says what tension it takes.',
    measure: 'Rule.',
  }),
  teeth: quantity('Teeth on 25 mm', 'count', {
    accepts: [0.7, 40],
    bare: 'pcs',
    how: 'plate',
    help: 'Teeth an inch. At least two are in the work, or they break.',
    measure: 'On the blade, or counted along 25 mm.',
  }),
  high: quantity('Work, height', 'length', {
    accepts: [0.5, 1_000],
    bare: 'mm',
    how: 'chosen',
    help: 'That the blade passes through at once: of a round its diameter, of a tube twice its wall.',
    measure: 'Rule.',
  }),
  feed: quantity('Feed', 'feed', {
    accepts: [1, 1_000],
    bare: 'm/min',
    how: 'chosen',
    help: 'How fast the wood is pushed.',
    measure: 'A board by the clock.',
    usual: {
      of: 'unseen',
      low: 10,
      value: 20,
      high: 40,
      source: 'Common practice, no source: wood 100 to 150 mm high is pushed at 0.6 to 2.4 m/min',
    },
    when: wooden,
  }),
  wood: { ...woodFields.wood, when: wooden },
  material: choice('Metal', labelsOf(cutMetals), {
    how: 'chosen',
    usual: 'mild',
    help: 'The toughest of it.',
    measure: '',
    when: metal,
  }),
  area: quantity('Area cut a minute', 'area', {
    accepts: [10, 50_000],
    bare: 'mm²',
    how: 'chosen',
    help: 'What goes through by the weight of the bow. Left out, 10 cm² a minute in steel.',
    measure: 'The section by the minutes that it took.',
    usual: {
      of: 'unseen',
      low: 700,
      value: 1_000,
      high: 1_600,
      source: 'Common practice, no source: small saws cut 7 to 16 cm² of mild steel a minute',
    },
    when: metal,
  }),
  edges: woodFields.edges,
  inertia: quantity('Driven wheel, inertia', 'inertia', {
    accepts: [1e-6, 1_000],
    bare: 'kg·m²',
    how: 'measured',
    help: 'Of both wheels together: the blade turns the other one. A wheel of 350 mm and 3 kg has 0.08.',
    measure: 'Most of its mass times the square of its radius.',
  }),
  handsClear: handsClearField('no'),
  ...jamFields({ is: 'dry-wood', because: 'wood that closes on the blade stops it' }),
  lasts: lastsField(5, 30, 120),
};

export const bandSawHead = {
  role: 'work',
  kind: 'band-saw',
  v: 1,
  label: 'band saw',
  noun: 'blade',
  ports: ['rotary', null],
  fields,
  groups: {
    Blade: ['thick', 'wide', 'teeth', 'edges'],
    'What is usual': ['feed', 'area'],
    'In a jam': ['inertia', 'jam', 'handsClear', 'resists'],
    Time: ['lasts'],
  },
  ...bandSawOutputs,
  sizing: bandSawSizing,
  // Common practice, no source: how such machines are mostly laid out. Their figures are guesses, and marked so.
  starters: [
    {
      id: 'band-saw',
      name: 'Band saw',
      says: 'motor, V-belt, driven wheel',
      brief: 'Cut firewood and boards of 150 mm.',
      tool: 'wheel',
      stages: [['v-belt', 1.6]],
      entries: { 'source/power': '0.75 kW', 'source/speed': '1420 rpm', 'work/cuts': 'wood', 'work/wheel': '350 mm', 'work/high': '150 mm' },
    },
  ],
  short: (typed) => `band saw ${typed('wheel') ?? ''}`.trim(),
} as const satisfies KindHead;
