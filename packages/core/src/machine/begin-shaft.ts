import { type PieceRole, pieceHead, sizeField } from '../kinds/pieces.js';
import { kindHead } from '../kinds/registry.js';
import type { At, Build, Line, Piece, Seat, Shaft, Station, StoredForce } from './build.js';
import type { ShaftSaid } from './read-shaft.js';
import { freeId, typedInputs } from './reshape.js';

/** What a shaft is called by its place: `cone shaft`, `spindle`. */
export const shaftName = (place: string): string => (/shaft|spindle|axle/i.test(place) ? place : `${place} shaft`);

/** How long a shaft is of which nobody says it, mm, and where its pieces are put that nobody has measured, as shares of it: each a guess to be typed over. */
const usual = { long_mm: 300, bearings: [0.2, 0.8], first: 0.1, second: 0.5, tool: 0.9 } as const;

/** So many bearings spread from the first to the last. */
const spread = (many: number): readonly number[] => {
  const [from, to] = usual.bearings;
  return many === 1 ? [0.5] : Array.from({ length: many }, (_, k) => from + ((to - from) * k) / (many - 1));
};

const mm = (share: number, long_mm: number): string => `${Math.round(share * long_mm)} mm`;

/** The bore of a wheel as it was typed, where it was. */
const boreOf = (line: Line, stage: string, end: 'in' | 'out'): string | undefined =>
  line.stages.find(({ id }) => id === stage)?.inputs[end === 'in' ? 'driverBore' : 'drivenBore']?.text;

function piece(role: PieceRole, kind: string, id: string, name: string, entries: Readonly<Record<string, string>>): Piece {
  const head = pieceHead(role, kind);
  return { id, name, kind, v: head?.v ?? 1, inputs: head ? typedInputs(head, entries, 'guessed') : {} };
}

/** What may be told of a shaft before anything of it is entered: the wheels on it. The shaft of the source is the source's own. */
function seatsAt(line: Line, at: number, long_mm: number): Seat[] {
  const [before, behind] = [line.stages[at - 1], line.stages[at]];
  const seat = (stage: NonNullable<typeof before>, end: 'in' | 'out', place: number): Seat => {
    const what = `${end === 'in' ? 'driving' : 'driven'} wheel of the ${kindHead('stage', stage.kind)?.noun ?? stage.kind}`;
    return { ...piece('seat', 'wheel', `${stage.id}-${end}`, what, { at: mm(place, long_mm) }), of: { line: line.id, stage: stage.id, end } };
  };
  return [...(before ? [seat(before, 'out', usual.first)] : []), ...(behind ? [seat(behind, 'in', usual.second)] : [])];
}

/**
 * The build with a shaft at a place of a line, as far as it is known: its wheels, as thick as their bores, on two bearings; lengths and places are guesses.
 * @param said what somebody says of it
 * @throws RangeError when there is no such line or place, or a shaft is there already
 */
export function withShaftBegun(build: Build, lineId: string, stationId: string, said: ShaftSaid = nothingSaid): Build {
  const line = build.lines.find(({ id }) => id === lineId);
  const at = line?.stations.findIndex(({ id }) => id === stationId) ?? -1;
  const station = line?.stations[at];
  if (!line || !station) throw new RangeError(`The build has no place ${lineId}/${stationId}`);
  if (shaftAt(build, station)) throw new RangeError(`There is a shaft at ${stationId} already`);
  const id = freeId(
    stationId,
    build.shafts.map((each) => each.id),
  );
  const long_mm = said.long_mm ?? usual.long_mm;
  const seats = seatsAt(line, at, long_mm);
  const bore = seats.flatMap(({ of: { stage, end } }) => boreOf(line, stage, end) ?? [])[0];
  const size = said.size ?? (said.kind === 'round' ? bore : undefined);
  const shaft: Shaft = {
    id,
    name: shaftName(station.name),
    sections: [
      piece('section', said.kind, 'bar', said.kind === 'tube' ? 'tube' : 'bar', {
        length: said.long ?? `${usual.long_mm} mm`,
        ...(size ? { [sizeField(said.kind)]: size } : {}),
        ...(said.bore ? { bore: said.bore } : {}),
        ...(said.metal ? { metal: said.metal } : {}),
      }),
    ],
    seats,
    bearings: spread(said.bearings ?? 2).map((share, k) =>
      piece('bearing', 'bearing', `b${k + 1}`, `bearing ${String.fromCharCode(65 + k)}`, { at: mm(share, long_mm) }),
    ),
  };
  const lines = build.lines.map((each) =>
    each.id === lineId ? { ...each, stations: each.stations.map((one) => (one.id === stationId ? { ...one, shaft: id } : one)) } : each,
  );
  const begun = { ...build, lines, shafts: [...build.shafts, shaft] };
  if (at < line.stations.length - 1) return begun;
  // The tool pushes on its shaft, whatever it is: how hard, somebody has to say.
  return withPush(begun, id, { line: lineId, station: stationId }, long_mm);
}

const nothingSaid: ShaftSaid = { kind: 'round', understood: '', notRead: [] };

/** The build with what a tool pushes on a shaft with, of which only the place is known, as a guess. */
function withPush(build: Build, shaftId: string, on: At, long_mm: number = usual.long_mm): Build {
  const forces = build.forces ?? [];
  const line = build.lines.find(({ id }) => id === on.line);
  const many = toolForcesOn(build, shaftId).length;
  const is = line && kindHead('work', line.work.kind)?.weighs ? { is: 'weighs' } : {};
  const push: StoredForce = {
    ...piece(
      'force',
      'tool',
      freeId(
        `${shaftId}-tool`,
        forces.map(({ id }) => id),
      ),
      many === 0 ? 'push of the tool' : `push ${many + 1} of the tool`,
      { at: mm(usual.tool, long_mm), ...is },
    ),
    on,
  };
  return { ...build, forces: [...forces, push] };
}

/**
 * The build with one more place at which a tool pushes on a shaft.
 * @throws RangeError when no place of a line is at that shaft
 */
export function withPushAdded(build: Build, shaftId: string): Build {
  const line = build.lines.find(({ stations }) => stations.some(({ shaft }) => shaft === shaftId));
  const station = line?.stations.find(({ shaft }) => shaft === shaftId);
  if (!line || !station) throw new RangeError(`No place of the build is at ${shaftId}`);
  return withPush(build, shaftId, { line: line.id, station: station.id });
}

/** The build with one less of them. */
export function withoutPush(build: Build, id: string): Build {
  const { forces = [], ...bare } = build;
  const left = forces.filter((force) => force.id !== id);
  return left.length > 0 ? { ...bare, forces: left } : bare;
}

/** The shaft that is entered at a place of a line. */
export const shaftAt = ({ shafts }: Pick<Build, 'shafts'>, { shaft }: Pick<Station, 'shaft'>): Shaft | undefined =>
  shaft === undefined ? undefined : shafts.find(({ id }) => id === shaft);

/** What the tool pushes with on a shaft, where it is entered with it. */
export const toolForcesOn = ({ forces = [], lines }: Pick<Build, 'forces' | 'lines'>, shaftId: string): readonly StoredForce[] =>
  forces.filter(
    ({ kind, on }) =>
      kind === 'tool' && on && lines.find(({ id }) => id === on.line)?.stations.find(({ id }) => id === on.station)?.shaft === shaftId,
  );

/** The build without a shaft: places that named it name none, and what the tool pushes with goes with it. */
export function withoutShaft(build: Build, id: string): Build {
  const gone = toolForcesOn(build, id);
  const { forces = [], ...bare } = withoutPlaces(build, id);
  const left = forces.filter((force) => !gone.includes(force));
  return left.length > 0 ? { ...bare, forces: left } : bare;
}

const withoutPlaces = (build: Build, id: string): Build => ({
  ...build,
  lines: build.lines.map((line) =>
    line.stations.some(({ shaft }) => shaft === id)
      ? { ...line, stations: line.stations.map(({ shaft, ...station }) => (shaft === undefined || shaft === id ? station : { ...station, shaft })) }
      : line,
  ),
  shafts: build.shafts.filter((shaft) => shaft.id !== id),
});

/** Lists of a shaft to which more pieces are put. */
type Listed = 'sections' | 'bearings';

/** The build with one more section or bearing of a shaft, at its end, of which nothing is entered yet. */
export function withPieceAdded(build: Build, shaftId: string, list: Listed, kind: string): Build {
  const role = list === 'sections' ? 'section' : 'bearing';
  return {
    ...build,
    shafts: build.shafts.map((shaft) => {
      if (shaft.id !== shaftId) return shaft;
      const id = freeId(
        `${role}-${shaft[list].length + 1}`,
        shaft[list].map((each) => each.id),
      );
      const name =
        role === 'section'
          ? `${pieceHead(role, kind)?.label ?? kind} ${shaft[list].length + 1}`
          : `bearing ${String.fromCharCode(65 + shaft[list].length)}`;
      return { ...shaft, [list]: [...shaft[list], piece(role, kind, id, name, {})] };
    }),
  };
}

/** The build with a section or a bearing of a shaft less. */
export const withoutPiece = (build: Build, shaftId: string, list: Listed, id: string): Build => ({
  ...build,
  shafts: build.shafts.map((shaft) => (shaft.id === shaftId ? { ...shaft, [list]: shaft[list].filter((each) => each.id !== id) } : shaft)),
});
