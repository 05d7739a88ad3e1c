import { joined } from '../joined.js';
import type { Fields } from '../kinds/fields.js';
import { heldIn } from '../kinds/is-open.js';
import { type PieceRole, phaseFields, pieceHead } from '../kinds/pieces.js';
import { kindHead } from '../kinds/registry.js';
import type { At, Build, Element, Inputs, Line, Piece, Seat, Shaft, StoredForce } from './build.js';
import { elementsOf } from './elements.js';

/** What holds entries besides the elements of the lines and the brief: settings, parts of the duty, what is on a shaft, stored forces. */
export interface Holder {
  /** `main/@settings/slow`, `@shafts/lay/@bearings/left`, `@forces/spring`: what begins with @ is a list of the document, and no id. */
  readonly path: string;
  /** `setting “slow”` */
  readonly called: string;
  /** Where it is or what it goes with: `in setting “slow”`, `at the roll`; empty where nothing is said. */
  readonly where: string;
  readonly fields: Fields;
  /** Fields that it holds without an entry are places as well; of a setting only those that it changes are. */
  readonly isWhole: boolean;
  readonly inputs: Inputs;
  /** The build with other entries in it. */
  readonly put: (build: Build, inputs: Inputs) => Build;
}

const none: readonly Holder[] = [];

/** All that a build holds so; the same as before for the same build. */
export function holdersOf(build: Build): readonly Holder[] {
  if (build.shafts.length === 0 && !build.forces && !build.lines.some(({ settings, phases }) => settings ?? phases)) return none;
  const known = found.get(build);
  if (known) return known;
  const all = [...joined(build.lines, ofLine), ...joined(build.shafts, ofShaft), ...(build.forces ?? []).map((force) => ofForce(force, build.lines))];
  found.set(build, all);
  return all;
}

const found = new WeakMap<Build, readonly Holder[]>();

/** Whether it is a setting of a line, which is worked out; the others are only kept yet. */
export const isSetting = (path: string): boolean => path.includes('/@settings/');

/** Whether it is a piece of a shaft. */
export const isOnShaft = (path: string): boolean => path.startsWith('@shafts/');

export const isHeld = (path: string): boolean => path.includes('@');

/** The list with other entries in one of its members. */
const putIn = <M extends { readonly id: string; readonly inputs: Inputs }>(list: readonly M[], id: string, inputs: Inputs): readonly M[] =>
  list.map((member) => (member.id === id ? { ...member, inputs } : member));

function ofLine(line: Line): Holder[] {
  const inLine =
    (change: (line: Line) => Line) =>
    (build: Build): Build => ({
      ...build,
      lines: build.lines.map((each) => (each.id === line.id ? change(each) : each)),
    });
  const settings = (line.settings ?? []).map(
    ({ id, name, inputs }): Holder => ({
      path: `${line.id}/@settings/${id}`,
      called: `setting “${name}”`,
      where: '',
      fields: settableFields(line),
      isWhole: false,
      inputs,
      put: (build, now) => inLine((each) => ({ ...each, settings: putIn(each.settings ?? [], id, now) }))(build),
    }),
  );
  const phases = (line.phases ?? []).map(
    ({ id, name, setting, inputs }): Holder => ({
      path: `${line.id}/@phases/${id}`,
      called: `part of the duty “${name}”`,
      where: setting === undefined ? '' : `in setting “${line.settings?.find((each) => each.id === setting)?.name ?? setting}”`,
      fields: phaseFields,
      isWhole: true,
      inputs,
      put: (build, now) => inLine((each) => ({ ...each, phases: putIn(each.phases ?? [], id, now) }))(build),
    }),
  );
  return [...settings, ...phases];
}

/** What a setting may change: any field of any element, by element and field; a table stays what it is. */
export function settableFields(line: Line): Fields {
  const known = settable.get(line);
  if (known) return known;
  const fields = Object.fromEntries(
    joined(elementsOf(line), ({ role, path, element }) =>
      // Of an open place what was in it: a setting keeps what it changed of that.
      Object.entries(kindHead(role, heldIn(element).kind)?.fields ?? {}).flatMap(([name, field]) =>
        field.is === 'table' || field.is === 'part' ? [] : [[`${path.slice(line.id.length + 1)}/${name}`, field] as const],
      ),
    ),
  );
  settable.set(line, fields);
  return fields;
}

const settable = new WeakMap<Line, Fields>();

/** Lists of a shaft with the role of what is in them. */
export const shaftLists = { sections: 'section', seats: 'seat', bearings: 'bearing' } as const satisfies Readonly<Record<string, PieceRole>>;
type ShaftList = keyof typeof shaftLists;

/** Of a shaft that nobody touched the same as before. */
const onShaft = new WeakMap<Shaft, readonly Holder[]>();

function ofShaft(shaft: Shaft): readonly Holder[] {
  const known = onShaft.get(shaft);
  if (known) return known;
  const all = piecesOf(shaft);
  onShaft.set(shaft, all);
  return all;
}

const piecesOf = (shaft: Shaft): Holder[] =>
  (Object.keys(shaftLists) as ShaftList[]).flatMap((list) =>
    shaft[list].map(
      (piece: Piece | Seat): Holder => ({
        ...pieceIn(shaftLists[list], piece),
        path: `@shafts/${shaft.id}/@${list}/${piece.id}`,
        called: `${piece.name} of the ${shaft.name}`,
        where: 'of' in piece ? `${piece.of.end === 'in' ? 'driving' : 'driven'} wheel of ${piece.of.stage}` : '',
        put: (build, inputs) => ({
          ...build,
          shafts: build.shafts.map((each) =>
            each.id === shaft.id ? { ...each, [list]: putIn(each[list] as readonly Piece[], piece.id, inputs) } : each,
          ),
        }),
      }),
    ),
  );

const ofForce = (force: StoredForce, lines: readonly Line[]): Holder => ({
  ...pieceIn('force', force),
  path: `@forces/${force.id}`,
  called: force.name,
  where: force.on ? `at the ${stationNamed(lines, force.on)}` : '',
  put: (build, inputs) => ({ ...build, forces: putIn(build.forces ?? [], force.id, inputs) }),
});

const pieceIn = (role: PieceRole, { kind, inputs }: Element) => ({ fields: pieceHead(role, kind)?.fields ?? {}, isWhole: true, inputs });

/** A place of a line by what its shaft is called; by its id where there is none of it any more. */
const stationNamed = (lines: readonly Line[], { line, station }: At): string =>
  lines.find(({ id }) => id === line)?.stations.find(({ id }) => id === station)?.name ?? station;
