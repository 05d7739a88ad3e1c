import { type Figure, fixed, unknown, unseen } from '../../figure/figure.js';
import type { Chosen, Fields, InputFigures } from '../../kinds/fields.js';
import { type PieceRole, pieceHead, sizeField } from '../../kinds/pieces.js';
import { toolForcesOn } from '../../machine/begin-shaft.js';
import type { Build, Element, Line, Piece, Seat, Shaft, StoredForce } from '../../machine/build.js';
import { type Across, type Bearing, type LaidShaft, type Load, lengthOf, type Notch, placed } from '../../shafts/laid-shaft.js';
import { type Metal, type MetalName, metals } from '../../shafts/metals.js';
import { notchKinds, shoulder } from '../../shafts/notches.js';
import type { Section } from '../../shafts/section-shape.js';
import type { Runs } from '../../shafts/stressed.js';
import { type Sentence, sentence } from '../../wording/sentence.js';
import { inputFigures } from '../opened.js';
import type { ActsOnShaft, WalkedLine, WheelOnShaft } from '../walked.js';
import { cutIn, cutOf, notchOf, stageOf, worstCut } from './cut-into.js';

/** What the lines of a build do to a shaft that they share. */
export type ActsOfLine = Pick<WalkedLine, 'id' | 'acts' | 'ends'>;

/** Of a build what a shaft hangs on. */
export type AroundShaft = Pick<Build, 'lines' | 'shafts' | 'forces'>;

/** The shafts of a build that belong to a line: by their first wheel, else by the place that names them. */
export const shaftsOf = ({ shafts }: Pick<Build, 'shafts'>, line: Line): readonly Shaft[] =>
  shafts.filter(({ id, seats, sections }) =>
    sections.length === 0 ? false : seats[0] ? seats[0].of.line === line.id : line.stations.some(({ shaft }) => shaft === id),
  );

/** Which of the places of a line a shaft is at; below nought where it is at none. */
export function placeOf({ id, seats }: Shaft, { id: lineId, stages, stations }: Line): number {
  const named = stations.findIndex(({ shaft }) => shaft === id);
  if (named >= 0) return named;
  const seat = seats.find(({ of }) => of.line === lineId);
  const stage = seat ? stages.findIndex(({ id: each }) => each === seat.of.stage) : -1;
  return stage < 0 ? -1 : stage + (seat?.of.end === 'out' ? 1 : 0);
}

const opened = (role: PieceRole, path: string, piece: Element): InputFigures<Fields> =>
  inputFigures(path, piece, pieceHead(role, piece.kind)?.fields ?? {});
const figureAt = (inputs: InputFigures<Fields>, name: string): Figure => (inputs[name] as Figure | undefined) ?? unknown('mm', []);
const chosenAt = (inputs: InputFigures<Fields>, name: string): string | undefined => (inputs[name] as Chosen | undefined)?.is;
const orNone = (figure: Figure): Figure => (figure.known ? figure : fixed('kg', 0, 'Nothing is entered'));

type Numbers = Readonly<Record<string, number>>;

/** Of a shaft what hangs on nothing that pulls on it or turns it. */
export type Lying = Pick<LaidShaft, 'sections' | 'bearings' | 'notches'>;

/** What a shaft is made of figures, by names, and how it is put together of their numbers. */
export interface Template {
  readonly from: Readonly<Record<string, Figure>>;
  /**
   * @param ways for each wheel whose direction nobody entered whether it pulls to the one side or the other
   * @param times torque in a jam over that at work
   * @param lying how it lies by these numbers, where that is known already
   */
  readonly lay: (numbers: Numbers, ways: number, times: number, lying?: Lying) => LaidShaft;
  /** How it lies, whatever pulls on it. */
  readonly lies: (numbers: Numbers) => Lying;
  /** What twists between where torque comes in and where it goes out: the places, mm. */
  readonly twistsBetween: (numbers: Numbers) => readonly [number, number];
  /** Of its figures the pulls that grow with the torque. */
  readonly follow: readonly string[];
  /** Which of its loads are gears that mesh with another. */
  readonly gears: readonly number[];
  /** So many wheels may pull either way. */
  readonly open: number;
  readonly how: Runs;
  readonly top: Figure;
  /** Torque at work that the line itself puts through it. */
  readonly torque: Figure;
  readonly assumes: readonly Sentence[];
  /** All that is no number: two templates that are alike lay the same numbers the same way. */
  readonly alike: string;
}

interface WheelHere {
  readonly seat: Seat;
  readonly wheel: WheelOnShaft;
  readonly acts: ActsOnShaft;
}

function wheelsOf({ seats }: Shaft, lines: readonly ActsOfLine[]): WheelHere[] {
  return seats.flatMap((seat): WheelHere[] => {
    const { line, stage, end } = seat.of;
    const acts = lines.find(({ id }) => id === line)?.acts ?? [];
    const found = acts.flatMap((each) =>
      each.wheels.flatMap((wheel) => (wheel.stage === `${line}/${stage}` && wheel.end === end ? [{ acts: each, wheel }] : [])),
    )[0];
    return found && found.acts.is === 'rotary' ? [{ seat, ...found }] : [];
  });
}

const runsOf = (shock: ActsOnShaft['shock']): Runs => (shock === 'uniform' ? 'steady' : shock === 'heavy' ? 'heavy' : 'light');

const shapes = { round: 'round', tube: 'tube', hexagon: 'hexagon', square: 'square' } as const;

/** What a shaft was last put together of, and the template: a jam and what is said of the shaft after it need the same. */
const putTogether = new WeakMap<Shaft, { readonly of: readonly unknown[]; readonly template: Template }>();

/** @param lines what acts on its shafts, of every line that shares it; what of another is not there pulls with nothing */
export function templateOf(shaft: Shaft, build: AroundShaft, lines: readonly ActsOfLine[], line: Line): Template {
  const of = [build.lines, build.shafts, build.forces, line, ...lines.map(({ acts }) => acts)];
  const last = putTogether.get(shaft);
  if (last?.of.length === of.length && last.of.every((each, k) => each === of[k])) return last.template;
  const template = makeTemplate(shaft, build, lines, line);
  putTogether.set(shaft, { of, template });
  return template;
}

function makeTemplate(shaft: Shaft, build: AroundShaft, lines: readonly ActsOfLine[], line: Line): Template {
  const path = `@shafts/${shaft.id}`;
  const from: Record<string, Figure> = {};
  const assumes: Sentence[] = [];
  const put = (name: string, figure: Figure) => {
    if (figure.known) from[name] = figure;
  };
  const sections = shaft.sections.map((piece: Piece) => {
    const inputs = opened('section', `${path}/@sections/${piece.id}`, piece);
    from[`${piece.id} length`] = figureAt(inputs, 'length');
    from[`${piece.id} size`] = figureAt(inputs, sizeField(piece.kind));
    if (piece.kind === 'tube') from[`${piece.id} bore`] = figureAt(inputs, 'bore');
    for (const name of ['fillet', 'pitch', 'groove', 'hole', 'holeAt']) put(`${piece.id} ${name}`, figureAt(inputs, name));
    return { piece, cut: chosenAt(inputs, 'cut') };
  });
  const first = shaft.sections[0];
  const metal = first && (chosenAt(opened('section', `${path}/@sections/${first.id}`, first), 'metal') as MetalName | undefined);
  const metalField = `${path}/@sections/${first?.id}/metal`;
  const why = 'From scrap to C45 (EN 10277, from memory), while nobody has looked what it is';
  const strength = (of: 'Sut_MPa' | 'Sy_MPa') =>
    metal
      ? fixed('MPa', metals[metal][of], metals[metal].label)
      : unseen('MPa', [metals.scrap[of], metals.bright[of], metals.c45[of]], metalField, why);
  from.Sut = strength('Sut_MPa');
  from.Sy = strength('Sy_MPa');
  const kind: Metal = metals[metal ?? 'bright'];
  const bearings = shaft.bearings.map((piece) => {
    const inputs = opened('bearing', `${path}/@bearings/${piece.id}`, piece);
    from[`bearing ${piece.id} at`] = figureAt(inputs, 'at');
    put(`bearing ${piece.id} gives`, figureAt(inputs, 'gives'));
    return { piece, marks: chosenAt(inputs, 'marks') !== 'seat' };
  });
  const here = wheelsOf(shaft, lines);
  const wheels = here.map((each) => {
    const { seat, wheel, acts } = each;
    const inputs = opened('seat', `${path}/@seats/${seat.id}`, seat);
    from[`${seat.id} at`] = figureAt(inputs, 'at');
    from[`${seat.id} kg`] = orNone(figureAt(inputs, 'mass'));
    from[`${seat.id} wide`] = figureAt(inputs, 'wide');
    from[`${seat.id} pull`] = wheel.pull;
    from[`${seat.id} torque`] = acts.torque;
    const unbalance = figureAt(inputs, 'unbalance');
    if (unbalance.known) {
      from[`${seat.id} unbalance`] = unbalance;
      from.top = acts.top;
    }
    return {
      ...each,
      cut: cutOf(seat, chosenAt(inputs, 'cut'), build.lines) ?? worstCut,
      angle: wheel.direction?.known ? wheel.direction.value + (wheel.end === 'out' ? Math.PI : 0) : null,
    };
  });
  if (shaft.seats.some((seat) => cutOf(seat, seat.inputs.cut?.text, build.lines) === undefined))
    assumes.push(sentence('how every wheel is held is not entered: an end-milled keyway is taken'));
  for (const said of boresApart(shaft, build, from)) assumes.push(said);
  const acts = wheels.find(({ seat }) => seat.of.line === line.id)?.acts ?? wheels[0]?.acts;
  const forces = forcesOn(shaft, build).map((force) => {
    const inputs = opened('force', `@forces/${force.id}`, force);
    from[`force ${force.id} at`] = figureAt(inputs, 'at');
    const entered = figureAt(inputs, 'force');
    from[`force ${force.id} force`] = entered.known || force.kind !== 'tool' ? entered : pushOfTool(`@forces/${force.id}/force`, lines, line, acts);
    if (force.kind === 'tool') put(`force ${force.id} peak`, figureAt(inputs, 'peak'));
    return { ...force, weighs: chosenAt(inputs, 'is') === 'weighs' };
  });
  const hasTool = forces.some(({ kind }) => kind === 'tool');
  const openWheels = wheels.filter(({ angle, wheel: { pull } }) => angle === null && !(pull.known && pull.value === 0));
  // One alone may pull to either side: it is the same.
  const areAllOpen = openWheels.length === wheels.length;
  const open = Math.max(0, openWheels.length - (areAllOpen ? 1 : 0)) + (hasTool ? 1 : 0);
  /** The tool pushes along or against the first wheel, whichever is worse. */
  const toolBit = open - 1;
  if (openWheels.length - (areAllOpen ? 1 : 0) > 0)
    assumes.push(sentence('which way every belt or chain pulls is not entered: the worst way round is taken'));
  if (hasTool) assumes.push(sentence('the tool is taken to push along or against the first wheel, whichever is worse'));
  else if (isLast(shaft, line)) assumes.push(sentence('what the tool itself pushes on the shaft with is not entered, and left out'));

  const alike = JSON.stringify([
    metal,
    acts?.shock,
    sections.map(({ cut }) => cut),
    wheels.map(({ seat, wheel, cut, angle }) => [seat.id, stageOf(build.lines, seat.of)?.kind, wheel.slips, wheel.end, cut, angle]),
    forces.map(({ id, weighs }) => [id, weighs]),
    isLast(shaft, line),
  ]);

  // Put together thousands of times: names are not written anew every time.
  const sectionNames = sections.map(({ piece, cut }) => ({
    piece,
    cut,
    path: `${path}/@sections/${piece.id}`,
    shape: shapes[piece.kind as keyof typeof shapes] ?? ('round' as const),
    length: `${piece.id} length`,
    size: `${piece.id} size`,
    bore: piece.kind === 'tube' ? `${piece.id} bore` : null,
    fillet: `${piece.id} fillet`,
  }));
  const wheelNames = wheels.map(({ seat, wheel, cut, angle }) => ({
    name: seat.name,
    cut,
    angle,
    slips: wheel.slips,
    way: wheel.end === 'out' ? 1 : -1,
    /** Which of those that may pull either way it is; below nought where it is none. */
    open: openWheels.findIndex((each) => each.seat === seat) - (areAllOpen ? 1 : 0),
    path: `${path}/@seats/${seat.id}`,
    at: `${seat.id} at`,
    wide: `${seat.id} wide`,
    pull: `${seat.id} pull`,
    torque: `${seat.id} torque`,
    unbalance: `${seat.id} unbalance`,
    kg: `${seat.id} kg`,
  }));
  const forceNames = forces.map(({ id, name, kind: is, weighs }) => ({
    id,
    name,
    isTool: is === 'tool',
    weighs,
    path: `@forces/${id}`,
    at: `force ${id} at`,
    force: `force ${id} force`,
    peak: `force ${id} peak`,
  }));
  const bearingNames = bearings.map(({ piece, marks }) => ({
    name: piece.name,
    marks,
    path: `${path}/@bearings/${piece.id}`,
    at: `bearing ${piece.id} at`,
    gives: `bearing ${piece.id} gives`,
  }));

  const lies: Template['lies'] = (n) => {
    const laidSections = sectionNames.map(
      ({ shape, length, size, bore }): Section => ({
        length_mm: n[length] ?? 0,
        shape,
        size_mm: n[size] ?? 0,
        ...(bore ? { bore_mm: n[bore] ?? 0 } : {}),
      }),
    );
    const along = placed({ sections: laidSections });
    const there = (at: number) => along.find(({ to_mm }) => at <= to_mm + 1e-6)?.section;
    const shoulders = along.slice(1).flatMap(({ section, from_mm }, k): Notch[] => {
      const before = laidSections[k] as Section;
      const [thin, thick] = [Math.min(before.size_mm, section.size_mm), Math.max(before.size_mm, section.size_mm)];
      const fillet = n[sectionNames[k]?.fillet ?? ''] ?? 0;
      return thick - thin < 1e-6 ? [] : [{ id: 'the shoulder', at_mm: from_mm, ...shoulder(thin, thick, fillet) }];
    });
    const cuts = along.flatMap(({ section, from_mm, to_mm }, k) => {
      const { piece, cut, path: own } = sectionNames[k] as (typeof sectionNames)[number];
      return cutIn(piece, cut, section, [from_mm, to_mm], n).map((notch) => ({ ...notch, path: own }));
    });
    const hubs = wheelNames.flatMap(({ name, cut, at, wide, path: own }) =>
      notchOf(name, cut, n[at] ?? 0, n[wide] ?? 0, there(n[at] ?? 0)).map((notch) => ({ ...notch, path: own })),
    );
    const long = lengthOf({ sections: laidSections });
    const onIt = (notch: Notch): Notch => ({
      ...notch,
      at_mm: Math.max(0, notch.at_mm),
      ...(notch.to_mm === undefined ? {} : { to_mm: Math.min(long, notch.to_mm) }),
    });
    const held = bearingNames.map(({ name, path: own, at, gives }): Bearing => {
      const stiffness = n[gives];
      return { id: name, path: own, at_mm: n[at] ?? 0, ...(stiffness === undefined ? {} : { stiffness_N_mm: stiffness }) };
    });
    const dimples = bearingNames.flatMap(({ name, marks, path: own, at }): Notch[] =>
      marks ? [{ id: name, path: own, at_mm: n[at] ?? 0, ...notchKinds['set-screw dimple'] }] : [],
    );
    // A key may reach to the end of the shaft, and no further.
    return { sections: laidSections, bearings: held, notches: [...shoulders, ...cuts, ...hubs.map(onIt), ...dimples] };
  };
  const lay: Template['lay'] = (n, ways, times, lying = lies(n)) => {
    const turns = ((n.top ?? 0) * Math.PI) / 30;
    const loads = wheelNames.map((wheel): Load => {
      const toward = wheel.angle ?? (wheel.open >= 0 && (ways >> wheel.open) & 1 ? Math.PI : 0);
      const F = n[wheel.pull] ?? 0;
      const force_N: Across = [F * Math.cos(toward), F * Math.sin(toward)];
      const T = (n[wheel.torque] ?? 0) * wheel.way;
      const peak = wheel.slips ? 1 : times;
      const unbalance = n[wheel.unbalance] ?? 0;
      return {
        id: wheel.name,
        path: wheel.path,
        at_mm: n[wheel.at] ?? 0,
        force_N,
        peak_N: [force_N[0] * peak, force_N[1] * peak],
        torque_Nm: T,
        peak_Nm: T * times,
        mass_kg: n[wheel.kg] ?? 0,
        ...(unbalance > 0 ? { turning_N: (unbalance / 1000) * turns ** 2 } : {}),
      };
    });
    const toolsAt = forceNames.flatMap(({ isTool, at }) => (isTool ? [n[at] ?? 0] : []));
    const pushes = forceNames.map(({ name, path: own, isTool, weighs, at, force, peak }): Load => {
      const [F, at_mm] = [n[force] ?? 0, n[at] ?? 0];
      const of = { id: name, path: own, at_mm, torque_Nm: 0 };
      if (!isTool) return { ...of, force_N: [0, -F] };
      const toward = (wheelNames[0]?.angle ?? 0) + ((ways >> toolBit) & 1 ? Math.PI : 0);
      const most = n[peak] ?? (weighs ? F : F * times);
      const across = (size: number): Across => [size * Math.cos(toward), size * Math.sin(toward)];
      return { ...of, force_N: across(F), peak_N: across(most) };
    });
    return {
      ...lying,
      loads: [...withTool(loads, lying.sections, toolsAt), ...pushes],
      metal: { ...kind, Sut_MPa: n.Sut ?? kind.Sut_MPa, Sy_MPa: n.Sy ?? kind.Sy_MPa },
    };
  };
  const twistsBetween: Template['twistsBetween'] = (n) => {
    const places = wheels.map(({ seat }) => n[`${seat.id} at`] ?? 0);
    const tool = forces.find((force) => force.kind === 'tool');
    const end = tool
      ? (n[`force ${tool.id} at`] ?? 0)
      : farEnd(
          places,
          sections.reduce((sum, { piece }) => sum + (n[`${piece.id} length`] ?? 0), 0),
        );
    const all = isLast(shaft, line) || places.length < 2 ? [...places, end] : places;
    return [Math.min(...all), Math.max(...all)];
  };
  return {
    from,
    lay,
    lies,
    twistsBetween,
    gears: wheels.flatMap(({ seat: { of } }, k) => (stageOf(build.lines, of)?.kind === 'gear-pair' ? [k] : [])),
    follow: wheels.flatMap(({ seat, wheel }) => (wheel.slips ? [] : [`${seat.id} pull`])),
    open,
    how: runsOf(acts?.shock),
    top: acts?.top ?? unknown('rpm', []),
    torque: acts?.torque ?? unknown('N·m', []),
    assumes,
    alike,
  };
}

const farEnd = (places: readonly number[], long: number): number =>
  places.reduce((sum, at) => sum + at, 0) / Math.max(1, places.length) < long / 2 ? long : 0;

/** What the wheels bring in and do not take out the tool does: in equal parts where it is entered, else at the end that is further from them. */
function withTool(loads: readonly Load[], sections: readonly Section[], tools_mm: readonly number[]): Load[] {
  const sum = loads.reduce((total, { torque_Nm }) => total + torque_Nm, 0);
  const peak = loads.reduce((total, { torque_Nm, peak_Nm }) => total + (peak_Nm ?? torque_Nm), 0);
  if (loads.length === 0 || Math.abs(sum) < 1e-9) return [...loads];
  const far = farEnd(
    loads.map((load) => load.at_mm),
    lengthOf({ sections }),
  );
  const places = tools_mm.length > 0 ? tools_mm : [far];
  const part = -1 / places.length;
  return [...loads, ...places.map((at_mm): Load => ({ id: 'the tool', at_mm, force_N: [0, 0], torque_Nm: part * sum, peak_Nm: part * peak }))];
}

const isLast = ({ id, seats }: Shaft, { stations, stages }: Line): boolean =>
  stations.at(-1)?.shaft === id || (seats.length > 0 && seats.every(({ of }) => of.stage === stages.at(-1)?.id && of.end === 'out'));

/** What pulls and pushes on a shaft besides its wheels: the tool, and what is stored at the place that it is at. */
const forcesOn = (shaft: Shaft, build: AroundShaft): readonly StoredForce[] => {
  const tools = toolForcesOn(build, shaft.id);
  const stored = (build.forces ?? []).filter(
    ({ kind, on }) =>
      kind !== 'tool' && on && build.lines.find(({ id }) => id === on.line)?.stations.find(({ id }) => id === on.station)?.shaft === shaft.id,
  );
  return [...tools, ...stored];
};

/** More apart than this a wheel does not go on its shaft, mm. */
const fits_mm = 0.25;

/** Wheels whose bore is not as thick as the shaft is where they sit. */
function boresApart(shaft: Shaft, { lines }: AroundShaft, from: Readonly<Record<string, Figure>>): Sentence[] {
  const value = (name: string): number | null => {
    const figure = from[name];
    return figure?.known ? figure.value : null;
  };
  return shaft.seats.flatMap((seat) => {
    const stage = stageOf(lines, seat.of);
    const bore = stage?.inputs[seat.of.end === 'in' ? 'driverBore' : 'drivenBore']?.value;
    const at = value(`${seat.id} at`);
    let end = 0;
    const there = shaft.sections.find(({ id }) => {
      end += value(`${id} length`) ?? Number.NaN;
      return at !== null && at <= end + 1e-6;
    });
    const size = there && (there.kind === 'round' || there.kind === 'tube') ? value(`${there.id} size`) : null;
    if (bore === undefined || size === null || Math.abs(bore - size) <= fits_mm) return [];
    return [
      sentence('the bore of the {wheel} is entered as {bore}, and the shaft is {size} there: one of the two has to follow', {
        wheel: seat.name,
        bore: { value: bore, unit: 'mm' as const },
        size: { value: size, unit: 'mm' as const },
      }),
    ];
  });
}

/** Rim of a tool of which nothing is known, mm across (common practice, no source). */
const usualAcross_mm = 100;

/** What the tool pushes with, where nobody says it: from nothing to ten times what its torque makes at its rim, which a weight may well be. */
function pushOfTool(field: string, lines: readonly ActsOfLine[], line: Line, acts: ActsOnShaft | undefined): Figure {
  const across = lines.find(({ id }) => id === line.id)?.ends?.work.across;
  const { torque } = acts ?? {};
  if (!torque?.known) return unknown('N', [field]);
  const rim_N = (2000 * torque.value) / (across ?? usualAcross_mm);
  return unseen(
    'N',
    [0, 1.5 * rim_N, 10 * rim_N],
    field,
    'From nothing to ten times what the torque makes at the rim of the tool, common practice, no source',
  );
}

export const likely = (from: Template['from']): Record<string, number> | null => {
  const entries = Object.entries(from);
  return entries.every(([, figure]) => figure.known)
    ? Object.fromEntries(entries.map(([name, figure]) => [name, figure.known ? figure.value : 0]))
    : null;
};
