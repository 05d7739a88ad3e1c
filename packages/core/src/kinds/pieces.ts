import type { Inputs } from '../machine/build.js';
import { metalLabels } from '../shafts/metals.js';
import { choice, type Fields, quantity } from './fields.js';

/** What a build has besides the elements of its lines: kept, told and merged, and not worked out yet. */
export type PieceRole = 'force' | 'section' | 'seat' | 'bearing';

/** A piece is of a kind as an element is: its fields are described once, and a newer version upgrades the entries of an older one. */
export interface PieceHead {
  readonly role: PieceRole;
  readonly kind: string;
  readonly v: number;
  readonly label: string;
  readonly fields: Fields;
  readonly upgrade?: Readonly<Record<number, (inputs: Inputs) => Inputs>>;
}

const along = (label: string, help: string) =>
  quantity(label, 'length', {
    accepts: [-20_000, 20_000],
    bare: 'mm',
    how: 'measured',
    help,
    measure: 'Tape along the shaft, from its end on the left.',
  });

const pull = {
  role: 'force',
  kind: 'pull',
  v: 1,
  label: 'stored force',
  fields: {
    at: along('Place along the shaft', 'Where a spring, a weight or a strut pulls with the power off.'),
    force: quantity('Force', 'force', {
      accepts: [-1_000_000, 1_000_000],
      bare: 'N',
      how: 'measured',
      help: 'What it pulls with where it stops with the power off.',
      measure: 'A spring scale in its place.',
    }),
  },
} as const satisfies PieceHead;

const tool = {
  role: 'force',
  kind: 'tool',
  v: 1,
  label: 'force of the tool',
  fields: {
    at: along('Place along the shaft', 'Where the tool pushes on it: the middle of a cutter, a drum or a wheel on the ground.'),
    force: quantity('Force across the shaft', 'force', {
      accepts: [0, 1_000_000],
      bare: 'N',
      how: 'measured',
      help: 'At work: the cutting force, the weight of a drum with its load, what a wheel carries. The worst way round is taken. Left open, from nothing to ten times what its torque makes at the rim of the tool.',
      measure: 'A scale under the wheel or drum; a cutting force is the torque over the radius of the tool, and half as much again.',
    }),
    is: choice(
      'It is',
      { cuts: 'what it cuts with, and grows with the torque', weighs: 'a weight, and stays as it is' },
      { how: 'measured', help: 'In a jam a cutter pushes harder; a drum or a cart weighs what it weighs.', measure: '', usual: 'cuts' },
    ),
    peak: quantity('In a jam', 'force', {
      accepts: [0, 1_000_000],
      bare: 'N',
      how: 'guessed',
      help: 'Left out, as much more as the torque of a jam is over that at work; of a weight no more.',
      measure: '',
    }),
  },
} as const satisfies PieceHead;

const size = (label: string, help: string) =>
  quantity(label, 'length', { accepts: [0.5, 2_000], bare: 'mm', how: 'measured', help, measure: 'Calliper across it.' });

/** What every section has beside its size. */
const ofSection = {
  length: quantity('Length', 'length', {
    accepts: [0.1, 20_000],
    bare: 'mm',
    how: 'measured',
    help: 'Of this section alone.',
    measure: 'Tape along the shaft.',
  }),
  metal: choice('Made of', metalLabels, {
    how: 'measured',
    help: 'Of the first section; the others are taken as of the same. Left open, all that is usual is tried, from scrap to C45.',
    measure:
      'A file bites soft steel evenly and skates on hard; sparks of mild steel are long and plain, of axles shorter with forks; a strip that bends double is mild, one that snaps is not. Taken from an axle it is medium-carbon steel.',
  }),
  fillet: quantity('Fillet to the next section', 'length', {
    accepts: [0, 100],
    bare: 'mm',
    how: 'measured',
    help: 'Radius in the corner where the next section begins. Left out it is taken as sharp: a fiftieth of the diameter.',
    measure: 'A drill laid into the corner: which one fits?',
  }),
};
const diameter = size('Diameter', 'Of this section.');
const flats = size('Across the flats', 'Of this section.');
/** What is cut into a section beside the way of a key, which is entered with its wheel. */
const holeOfSection = {
  hole: quantity('Hole across it', 'length', {
    accepts: [0, 1_000],
    bare: 'mm',
    how: 'measured',
    help: 'Diameter of a hole drilled through from side to side, of a split pin or a bolt. Left out, there is none. That of a wheel’s pin is entered with the wheel.',
    measure: 'The drill that fits.',
  }),
  holeAt: along('The hole is at', 'From the left end of the shaft. Left out, in the middle of this section.'),
};
const cutsOfSection = {
  cut: choice(
    'Cut along it',
    { thread: 'a thread', spline: 'splines', flat: 'a flat' },
    {
      how: 'measured',
      help: 'Over all of this section: a part that is threaded is a section of its own. Left out, it is smooth.',
      measure: 'Look.',
    },
  ),
  pitch: quantity('Pitch of the thread', 'length', {
    accepts: [0.2, 20],
    bare: 'mm',
    how: 'measured',
    help: 'Left out, that of a coarse metric thread of its diameter.',
    measure: 'A thread gauge, or ten threads by rule.',
    when: { field: 'cut', is: ['thread'] },
  }),
  groove: quantity('Groove at its end, deep', 'length', {
    accepts: [0, 100],
    bare: 'mm',
    how: 'measured',
    help: 'Of a ring groove for a circlip, where the next section begins. A sharp groove raises the stress five times. Left out, there is none.',
    measure: 'Diameter of the shaft less that in the groove, halved.',
  }),
};
/** What the size of a section is entered as. */
export const sizeField = (kind: string): 'flats' | 'diameter' => (kind === 'hexagon' || kind === 'square' ? 'flats' : 'diameter');

const section = <K extends string, F extends Fields>(kind: K, label: string, fields: F) => ({ role: 'section', kind, v: 1, label, fields }) as const;
const { length, ...others } = ofSection;
const round = section('round', 'round section', { length, diameter, ...others, ...cutsOfSection, ...holeOfSection });
const tube = section('tube', 'tube', {
  length,
  diameter,
  bore: size('Bore', 'Of the tube: its diameter less two walls.'),
  ...others,
  ...cutsOfSection,
  ...holeOfSection,
});
const hexagon = section('hexagon', 'hexagon section', { length, flats, ...others, ...holeOfSection });
const square = section('square', 'square section', { length, flats, ...others, ...holeOfSection });

const wheel = {
  role: 'seat',
  kind: 'wheel',
  v: 1,
  label: 'seat of a wheel',
  fields: {
    at: along('Middle of the wheel', 'Where its pull acts.'),
    mass: quantity('Weighs', 'mass', {
      accepts: [0, 10_000],
      bare: 'kg',
      how: 'measured',
      help: 'It bends the shaft, and decides at what speed it whirls. Left out, nothing.',
      measure: 'A kitchen or luggage scale.',
    }),
    cut: choice(
      'Held by',
      {
        'end-milled': 'a key in an end-milled way',
        sled: 'a key in a way cut with a disc, which runs out',
        dimple: 'set screws that mark the shaft',
        flat: 'set screws on a flat',
        hole: 'a pin through the shaft',
        nothing: 'a clamp or a bush that leaves no mark',
      },
      {
        how: 'measured',
        help: 'What is cut into the shaft decides where it cracks. Left out, as the hub fixing of the stage says.',
        measure: 'Look, with the wheel off.',
      },
    ),
    wide: quantity('Hub is wide', 'length', {
      accepts: [1, 1_000],
      bare: 'mm',
      how: 'measured',
      help: 'The key is taken to be as long. Left out, 30 mm.',
      measure: 'Calliper along the shaft.',
      usual: { of: 'scatter', low: 30, value: 30, high: 30, source: 'Common practice, no source: hubs of shed machines are about 30 mm wide' },
    }),
    unbalance: quantity('Out of balance', 'unbalance', {
      accepts: [0, 1_000],
      bare: 'kg·mm',
      how: 'measured',
      help: 'It pulls all the way round as it turns, and shakes the machine. Left out, nothing.',
      measure: 'Its shaft on two level rails: the weight that keeps it still at any angle, times how far from the middle it is.',
    }),
  },
} as const satisfies PieceHead;

const bearing = {
  role: 'bearing',
  kind: 'bearing',
  v: 1,
  label: 'bearing',
  fields: {
    at: along('Middle of the bearing', 'Where it holds the shaft.'),
    marks: choice(
      'On the shaft',
      { screws: 'an insert with set screws, which mark it', seat: 'a ring on a smooth seat' },
      { how: 'measured', help: 'Set screws of an insert bearing raise the stress where it is greatest anyway.', measure: '', usual: 'screws' },
    ),
    gives: quantity('Gives way', 'spring-rate', {
      accepts: [1, 10_000_000],
      bare: 'N/mm',
      how: 'measured',
      help: 'Of a block on wood, rubber or thin sheet: the shaft whirls sooner on it. Left out, it is rigid.',
      measure: 'A spring scale and a dial gauge: what it takes to push the block a tenth of a millimetre aside, times ten.',
    }),
  },
} as const satisfies PieceHead;

const heads: readonly PieceHead[] = [pull, tool, round, tube, hexagon, square, wheel, bearing];

export const pieceHeads = (role: PieceRole): readonly PieceHead[] => heads.filter((head) => head.role === role);

export const pieceHead = (role: PieceRole, kind: string): PieceHead | undefined => heads.find((head) => head.role === role && head.kind === kind);

/** What is entered of a part of the duty. */
export const phaseFields = {
  share: quantity('Share of the time', 'fraction', {
    accepts: [0, 1],
    bare: null,
    how: 'guessed',
    help: 'Of a working day; or its minutes.',
    measure: 'A stopwatch over a few rounds of the work.',
  }),
  lasts: quantity('Lasts', 'time', {
    accepts: [0.1, 10_000_000],
    bare: 'min',
    how: 'measured',
    help: 'Each time; or its share of the time.',
    measure: 'A stopwatch.',
  }),
  load: quantity('Share of the load', 'fraction', {
    accepts: [0, 10],
    bare: null,
    how: 'guessed',
    help: 'Of what the work is entered with: nothing while it idles, all of it at work.',
    measure: 'A meter at the wall shows the difference.',
  }),
  starts: quantity('Starts an hour', 'count', {
    accepts: [0, 10_000],
    bare: 'pcs',
    how: 'guessed',
    help: 'How often it is switched on in that time.',
    measure: 'Count them.',
  }),
} as const satisfies Fields;
