import type { Inputs } from '../machine/build.js';
import { type Fields, quantity } from './fields.js';

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

const round = {
  role: 'section',
  kind: 'round',
  v: 1,
  label: 'round section',
  fields: {
    length: quantity('Length', 'length', {
      accepts: [0.1, 20_000],
      bare: 'mm',
      how: 'measured',
      help: 'Of this section alone.',
      measure: 'Tape along the shaft.',
    }),
    diameter: quantity('Diameter', 'length', {
      accepts: [0.5, 2_000],
      bare: 'mm',
      how: 'measured',
      help: 'Of this section.',
      measure: 'Calliper across it.',
    }),
  },
} as const satisfies PieceHead;

const wheel = {
  role: 'seat',
  kind: 'wheel',
  v: 1,
  label: 'seat of a wheel',
  fields: { at: along('Middle of the wheel', 'Where its pull acts.') },
} as const satisfies PieceHead;

const bearing = {
  role: 'bearing',
  kind: 'bearing',
  v: 1,
  label: 'bearing',
  fields: { at: along('Middle of the bearing', 'Where it holds the shaft.') },
} as const satisfies PieceHead;

const heads: readonly PieceHead[] = [pull, round, wheel, bearing];

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
