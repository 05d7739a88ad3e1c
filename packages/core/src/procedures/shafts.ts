import { type Check, hold } from '../checks/check.js';
import type { CheckOutput } from '../checks/check-output.js';
import { type Figure, fixed, highEnd, type Known, unknown, unseen } from '../figure/figure.js';
import { defineProcedure, solve } from '../figure/formula.js';
import type { Chosen, Fields, InputFigures } from '../kinds/fields.js';
import { type PieceRole, pieceHead } from '../kinds/pieces.js';
import type { Fixing } from '../kinds/shared/hub-fixing.js';
import type { Build, Element, Line, Piece, Seat, Shaft, StoredForce } from '../machine/build.js';
import { enough, nearWhirl } from '../shafts/judged.js';
import { type Across, faultsOf, type LaidShaft, type Load, lengthOf, type Notch, placed } from '../shafts/laid-shaft.js';
import { type Metal, type MetalName, metals } from '../shafts/metals.js';
import { crossHole, notchKinds, shoulder } from '../shafts/notches.js';
import type { Section } from '../shafts/section-shape.js';
import { type BothBent, bothBent, type Place, type Runs, stressed } from '../shafts/stressed.js';
import { whirls } from '../shafts/whirl.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { inputFigures } from './opened.js';
import type { ActsOnShaft, WalkedLine, WheelOnShaft } from './walked.js';

/** A shaft as it lies in a machine, with what is said of it. */
export interface EvaluatedShaft {
  readonly id: string;
  readonly name: string;
  readonly checks: readonly Check[];
  /** By its likely figures, for drawing; null while something is missing. */
  readonly laid: LaidShaft | null;
  /** Where it is weakest, and how it is run. */
  readonly weakest: Place | null;
  readonly how: Runs;
  readonly speed_rpm: number;
  /** What is wrong with how it lies, in words. */
  readonly faults: readonly string[];
  /** What was taken where nothing says it. */
  readonly assumes: readonly Sentence[];
}

const shigley = 'Shigley’s Mechanical Engineering Design 10e, chapters 6 and 7 (from memory): distortion energy with Goodman’s line';

export const cracking = defineProcedure({
  id: 'shaft-cracks',
  says: 'Where the shaft is stressed most on every turn for what it lasts, all of it together as bending back and forth: pulls, weights and torque in two planes, raised by what is cut into it',
  source: shigley,
});
export const lasting = defineProcedure({
  id: 'shaft-lasting',
  says: 'Bending back and forth that the metal lasts with at that place: half of its strength, less for surface, size and reliability',
  source: 'Shigley’s Mechanical Engineering Design 10e, eq. 6-18 (from memory)',
});
export const yielding = defineProcedure({
  id: 'shaft-yields',
  says: 'The greatest stress of bending and twist together while it jams',
  source: 'Distortion energy (von Mises), as in Shigley’s Mechanical Engineering Design 10e, eq. 5-15 (from memory)',
});
export const strength = defineProcedure({
  id: 'shaft-yield-strength',
  says: 'Stress at which the metal stays bent',
  source: 'Strengths of bars by EN 10277 and EN 10025 (from memory)',
});
export const whirling = defineProcedure({
  id: 'shaft-whirls',
  says: 'Four fifths of the lowest speed at which the shaft with its wheels vibrates as a beam',
  source: 'Euler and Bernoulli’s beam with its own mass; the margin is common practice, no source',
});

const outputs = {
  cracks: {
    name: 'the {shaft} cracking in time',
    subject: 'whether the {shaft} lasts',
    source: shigley,
    closeBelow: 1 - 1 / enough,
    says: {
      holds: 'the {shaft} is stressed with {needs} on every turn at {place}; it lasts with {has}',
      fails: 'the {shaft} is too thin: at {place} it is stressed with {needs} on every turn; it lasts with {has}, so it cracks in time',
      may: 'the {shaft} may be too thin: at {place} it is stressed with {needs} on every turn; it lasts with {has}',
    },
  },
  bends: {
    name: 'the {shaft} bending in a jam',
    subject: 'whether the {shaft} stays straight in a jam',
    source: 'Distortion energy (von Mises)',
    closeBelow: 1 - 1 / enough,
    says: {
      holds: 'in a jam the {shaft} is stressed with {needs} at most; it stays bent from {has} on',
      fails: 'in a jam the {shaft} is bent or twisted for good: it is stressed with {needs}, and stays bent from {has} on',
    },
  },
  whirls: {
    name: 'the whirl of the {shaft}',
    subject: 'whether the {shaft} whirls',
    source: 'Euler and Bernoulli’s beam; the margin is common practice, no source',
    closeBelow: 1 - nearWhirl.close[0] / nearWhirl.fails[0],
    says: {
      holds: 'the {shaft} turns at up to {needs}; up to {has} it is clear of its whirl',
      fails: 'the {shaft} turns at up to {needs}, and only up to {has} is it clear of its whirl: it shakes itself to pieces',
    },
  },
} as const satisfies Record<string, CheckOutput>;

/** The shafts of a build that belong to a line: by their first wheel, else by the place that names them. */
export const shaftsOf = ({ shafts }: Pick<Build, 'shafts'>, line: Line): readonly Shaft[] =>
  shafts.filter(({ id, seats, sections }) =>
    sections.length === 0 ? false : seats[0] ? seats[0].of.line === line.id : line.stations.some(({ shaft }) => shaft === id),
  );

const opened = (role: PieceRole, path: string, piece: Element): InputFigures<Fields> =>
  inputFigures(path, piece, pieceHead(role, piece.kind)?.fields ?? {});
const figureAt = (inputs: InputFigures<Fields>, name: string): Figure => (inputs[name] as Figure | undefined) ?? unknown('mm', []);
const chosenAt = (inputs: InputFigures<Fields>, name: string): string | undefined => (inputs[name] as Chosen | undefined)?.is;
const none = (unit: 'kg' | 'mm' | 'N'): Known => fixed(unit, 0, 'Nothing is entered');
const orNone = (figure: Figure, unit: 'kg' | 'mm'): Figure => (figure.known ? figure : none(unit));

/** What a shaft is made of figures, by names, and how it is put together of their numbers. */
interface Template {
  readonly from: Readonly<Record<string, Figure>>;
  /** @param ways for each wheel whose direction nobody entered whether it pulls to the one side or the other */
  readonly lay: (numbers: Readonly<Record<string, number>>, ways: number) => LaidShaft;
  /** So many wheels may pull either way. */
  readonly open: number;
  readonly how: Runs;
  readonly top: Figure;
  readonly assumes: readonly Sentence[];
  /** All that is no number: two templates that are alike lay the same numbers the same way. */
  readonly alike: string;
}

interface WheelHere {
  readonly seat: Seat;
  readonly wheel: WheelOnShaft;
  readonly acts: ActsOnShaft;
}

function wheelsOf({ seats }: Shaft, lines: readonly WalkedLine[]): WheelHere[] {
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

/** Hub fixing of a stage as what it cuts into the shaft. */
const cutBy: Readonly<Record<Fixing, string>> = {
  key: 'end-milled',
  'set-screws': 'dimple',
  dimple: 'dimple',
  flat: 'flat',
  clamp: 'nothing',
  shrink: 'shrink',
};

/** Taken where nobody says how a wheel is held: nothing that is usual cuts deeper. */
const worstCut = 'end-milled';

function cutOf(seat: Seat, inputs: InputFigures<Fields>, build: Build): string | undefined {
  const own = chosenAt(inputs, 'cut');
  if (own) return own;
  const stage = build.lines.find(({ id }) => id === seat.of.line)?.stages.find(({ id }) => id === seat.of.stage);
  const fixing = stage?.inputs[seat.of.end === 'in' ? 'driverFixing' : 'drivenFixing']?.text;
  return fixing !== undefined && fixing in cutBy ? cutBy[fixing as Fixing] : undefined;
}

/** A pin takes a quarter of the diameter (common practice, no source). */
const pinShare = 0.25;

function notchOf(id: string, cut: string | undefined, at_mm: number, wide_mm: number, section: Section | undefined): Notch[] {
  if (cut === 'end-milled' || cut === 'sled') {
    const raises = notchKinds[cut === 'sled' ? 'sled-runner keyway' : 'end-milled keyway'];
    return [{ id, at_mm: at_mm - wide_mm / 2, to_mm: at_mm + wide_mm / 2, ...raises, isKeyway: true }];
  }
  if (cut === 'shrink') return [{ id, at_mm: at_mm - wide_mm / 2, to_mm: at_mm + wide_mm / 2, ...notchKinds['shrink fit'] }];
  if (cut === 'dimple') return [{ id, at_mm, ...notchKinds['set-screw dimple'] }];
  if (cut === 'flat') return [{ id, at_mm, ...notchKinds.flat }];
  if (cut === 'hole' && section) return [{ id, at_mm, ...crossHole(pinShare * section.size_mm, section) }];
  return [];
}

const shapes = { round: 'round', tube: 'tube', hexagon: 'hexagon', square: 'square' } as const;
const sizeName = (kind: string): string => (kind === 'hexagon' || kind === 'square' ? 'flats' : 'diameter');

function templateOf(shaft: Shaft, build: Build, lines: readonly WalkedLine[], line: Line): Template {
  const path = `@shafts/${shaft.id}`;
  const from: Record<string, Figure> = {};
  const assumes: Sentence[] = [];
  const sections = shaft.sections.map((piece: Piece) => {
    const inputs = opened('section', `${path}/@sections/${piece.id}`, piece);
    from[`${piece.id} length`] = figureAt(inputs, 'length');
    from[`${piece.id} size`] = figureAt(inputs, sizeName(piece.kind));
    if (piece.kind === 'tube') from[`${piece.id} bore`] = figureAt(inputs, 'bore');
    from[`${piece.id} fillet`] = orNone(figureAt(inputs, 'fillet'), 'mm');
    return piece;
  });
  const first = shaft.sections[0];
  const metal = first && (chosenAt(opened('section', `${path}/@sections/${first.id}`, first), 'metal') as MetalName | undefined);
  const metalField = `${path}/@sections/${first?.id}/metal`;
  const why = 'From scrap to C45 (EN 10277, from memory), while nobody has looked what it is';
  const strongest = metal
    ? fixed('MPa', metals[metal].Sut_MPa, metals[metal].label)
    : unseen('MPa', [metals.scrap.Sut_MPa, metals.bright.Sut_MPa, metals.c45.Sut_MPa], metalField, why);
  from.Sut = strongest;
  from.Sy = metal
    ? fixed('MPa', metals[metal].Sy_MPa, metals[metal].label)
    : unseen('MPa', [metals.scrap.Sy_MPa, metals.bright.Sy_MPa, metals.c45.Sy_MPa], metalField, why);
  const kind: Metal = metals[metal ?? 'bright'];
  const bearings = shaft.bearings.map((piece) => {
    const inputs = opened('bearing', `${path}/@bearings/${piece.id}`, piece);
    from[`${piece.id} at`] = figureAt(inputs, 'at');
    return { piece, marks: chosenAt(inputs, 'marks') !== 'seat' };
  });
  const wheels = wheelsOf(shaft, lines).map((each) => {
    const { seat, wheel, acts } = each;
    const inputs = opened('seat', `${path}/@seats/${seat.id}`, seat);
    from[`${seat.id} at`] = figureAt(inputs, 'at');
    from[`${seat.id} kg`] = orNone(figureAt(inputs, 'mass'), 'kg');
    from[`${seat.id} wide`] = figureAt(inputs, 'wide');
    from[`${seat.id} pull`] = wheel.pull;
    from.torque = acts.torque;
    return {
      ...each,
      cut: cutOf(seat, inputs, build) ?? worstCut,
      angle: wheel.direction?.known ? wheel.direction.value + (wheel.end === 'out' ? Math.PI : 0) : null,
    };
  });
  if (shaft.seats.some((seat) => cutOf(seat, opened('seat', `${path}/@seats/${seat.id}`, seat), build) === undefined))
    assumes.push(sentence('how every wheel is held is not entered: an end-milled keyway is taken'));
  const acts = wheels[0]?.acts;
  if (acts) {
    const { jam } = lines.find(({ id }) => id === line.id) as WalkedLine;
    // As likely: it multiplies what has a range already. What slips or breaks first lets no more through than it bears.
    const first = jam.rungs.reduce(
      (least, { atTool, harm }) => (atTool.known && harm !== 'wearing' ? Math.min(least, highEnd(atTool)) : least),
      Number.POSITIVE_INFINITY,
    );
    const most = jam.torque.known ? Math.min(jam.torque.value, first) : 0;
    const times = acts.atTool.known && acts.atTool.value > 0 ? Math.max(1, most / acts.atTool.value) : 1;
    from['jam over work'] = fixed('1', times, 'Torque in a jam over that at work, at most what slips or breaks first lets through');
  }
  const forces = forcesOn(shaft, build).map((force) => {
    const inputs = opened('force', `@forces/${force.id}`, force);
    from[`${force.id} at`] = figureAt(inputs, 'at');
    const entered = figureAt(inputs, 'force');
    from[`${force.id} force`] = entered.known || force.kind !== 'tool' ? entered : pushOfTool(`@forces/${force.id}/force`, lines, line, acts);
    const peak = figureAt(inputs, 'peak');
    if (force.kind === 'tool' && peak.known) from[`${force.id} peak`] = peak;
    return force;
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
    wheels.map(({ seat, wheel, cut, angle }) => [seat.id, wheel.slips, wheel.end, cut, angle]),
    forces.map(({ id }) => id),
  ]);

  const lay: Template['lay'] = (n, ways) => {
    const laidSections = sections.map(
      (piece): Section => ({
        length_mm: n[`${piece.id} length`] ?? 0,
        shape: shapes[piece.kind as keyof typeof shapes] ?? 'round',
        size_mm: n[`${piece.id} size`] ?? 0,
        ...(piece.kind === 'tube' ? { bore_mm: n[`${piece.id} bore`] ?? 0 } : {}),
      }),
    );
    const along = placed({ sections: laidSections });
    const there = (at: number) => along.find(({ to_mm }) => at <= to_mm + 1e-6)?.section;
    const share = n['jam over work'] ?? 1;
    const loads = wheels.map(({ seat, wheel, angle }): Load => {
      const k = openWheels.findIndex((each) => each.seat === seat) - (areAllOpen ? 1 : 0);
      const toward = angle ?? (k >= 0 && (ways >> k) & 1 ? Math.PI : 0);
      const F = n[`${seat.id} pull`] ?? 0;
      const force_N: Across = [F * Math.cos(toward), F * Math.sin(toward)];
      const T = (n.torque ?? 0) * (wheel.end === 'out' ? 1 : -1);
      const peak = wheel.slips ? 1 : share;
      return {
        id: seat.name,
        at_mm: n[`${seat.id} at`] ?? 0,
        force_N,
        peak_N: [force_N[0] * peak, force_N[1] * peak],
        torque_Nm: T,
        peak_Nm: T * share,
        mass_kg: n[`${seat.id} kg`] ?? 0,
      };
    });
    const pushes = forces.map((force): Load => {
      const [F, at_mm] = [n[`${force.id} force`] ?? 0, n[`${force.id} at`] ?? 0];
      if (force.kind !== 'tool') return { id: force.name, at_mm, force_N: [0, -F], torque_Nm: 0 };
      const toward = (wheels[0]?.angle ?? 0) + ((ways >> toolBit) & 1 ? Math.PI : 0);
      const most = Math.max(F, n[`${force.id} peak`] ?? F * share);
      const across = (size: number): Across => [size * Math.cos(toward), size * Math.sin(toward)];
      return { id: force.name, at_mm, force_N: across(F), peak_N: across(most), torque_Nm: 0 };
    });
    const shoulders = along.slice(1).flatMap(({ section, from_mm }, k): Notch[] => {
      const before = laidSections[k] as Section;
      const [thin, thick] = [Math.min(before.size_mm, section.size_mm), Math.max(before.size_mm, section.size_mm)];
      return thick - thin < 1e-6 ? [] : [{ id: 'the shoulder', at_mm: from_mm, ...shoulder(thin, thick, n[`${sections[k]?.id} fillet`] ?? 0) }];
    });
    const hubs = wheels.flatMap(({ seat, cut }) =>
      notchOf(seat.name, cut, n[`${seat.id} at`] ?? 0, n[`${seat.id} wide`] ?? 0, there(n[`${seat.id} at`] ?? 0)),
    );
    const long = lengthOf({ sections: laidSections });
    const onIt = (notch: Notch): Notch => ({
      ...notch,
      at_mm: Math.max(0, notch.at_mm),
      ...(notch.to_mm === undefined ? {} : { to_mm: Math.min(long, notch.to_mm) }),
    });
    const dimples = bearings.flatMap(({ piece, marks }): Notch[] =>
      marks ? [{ id: piece.name, at_mm: n[`${piece.id} at`] ?? 0, ...notchKinds['set-screw dimple'] }] : [],
    );
    return {
      sections: laidSections,
      loads: [...withTool(loads, laidSections), ...pushes],
      bearings: bearings.map(({ piece }) => ({ id: piece.name, at_mm: n[`${piece.id} at`] ?? 0 })),
      // A key may reach to the end of the shaft, and no further.
      notches: [...shoulders, ...hubs.map(onIt), ...dimples],
      metal: { ...kind, Sut_MPa: n.Sut ?? kind.Sut_MPa, Sy_MPa: n.Sy ?? kind.Sy_MPa },
    };
  };
  return { from, lay, open, how: runsOf(acts?.shock), top: acts?.top ?? unknown('rpm', []), assumes, alike };
}

/** What the wheels bring in and do not take out the tool does, at the end that is further from them. */
function withTool(loads: readonly Load[], sections: readonly Section[]): Load[] {
  const sum = loads.reduce((total, { torque_Nm }) => total + torque_Nm, 0);
  const peak = loads.reduce((total, { torque_Nm, peak_Nm }) => total + (peak_Nm ?? torque_Nm), 0);
  if (loads.length === 0 || Math.abs(sum) < 1e-9) return [...loads];
  const long = lengthOf({ sections });
  const middle = loads.reduce((total, { at_mm }) => total + at_mm, 0) / loads.length;
  return [...loads, { id: 'the tool', at_mm: middle < long / 2 ? long : 0, force_N: [0, 0], torque_Nm: -sum, peak_Nm: -peak }];
}

const isLast = ({ id, seats }: Shaft, { stations, stages }: Line): boolean =>
  stations.at(-1)?.shaft === id || (seats.length > 0 && seats.every(({ of }) => of.stage === stages.at(-1)?.id && of.end === 'out'));

const forcesOn = ({ id }: Shaft, { forces = [], lines }: Build): readonly StoredForce[] =>
  forces.filter(({ on }) => on && lines.find((line) => line.id === on.line)?.stations.find((station) => station.id === on.station)?.shaft === id);

interface Kept {
  readonly alike: string;
  readonly known: Map<string, readonly { readonly shaft: LaidShaft; readonly both: BothBent | null }[]>;
  readonly seen: Map<string, Corner>;
  readonly whirl: Map<string, number>;
}

/** A shaft that nobody touched is not bent anew at every key, while the same pulls on it. */
const keptFor = new WeakMap<Shaft, Kept>();
/** Numbers of one shaft that are kept, at most. */
const mostKept = 400;

function keptOf(shaft: Shaft, alike: string): Kept {
  const before = keptFor.get(shaft);
  if (before?.alike === alike && before.seen.size < mostKept) return before;
  const kept: Kept = { alike, known: new Map(), seen: new Map(), whirl: new Map() };
  keptFor.set(shaft, kept);
  return kept;
}

/** A shaft by numbers, with where it may break. */
interface Corner {
  readonly shaft: LaidShaft;
  readonly places: readonly Place[];
}

/** How a shaft is bent hangs on neither strength of its metal: what was bent once is not bent again for another. */
function corners(template: Template, of: Shaft): (numbers: Readonly<Record<string, number>>) => Corner {
  const { known, seen } = keptOf(of, template.alike);
  const names = Object.keys(template.from);
  const bends = names.filter((name) => name !== 'Sut' && name !== 'Sy');
  return (numbers) => {
    const key = names.map((name) => numbers[name]).join();
    const before = seen.get(key);
    if (before) return before;
    const bentBy = bends.map((name) => numbers[name]).join();
    const ways =
      known.get(bentBy) ??
      Array.from({ length: 1 << Math.min(4, template.open) }, (_, way) => {
        const shaft = template.lay(numbers, way);
        return { shaft, both: faultsOf(shaft).length > 0 ? null : bothBent(shaft, 'coarse') };
      });
    known.set(bentBy, ways);
    // Of several ways round the one in which it is stressed most.
    const all = ways.map(({ shaft, both }): Corner => {
      const metal = { ...shaft.metal, Sut_MPa: numbers.Sut ?? shaft.metal.Sut_MPa, Sy_MPa: numbers.Sy ?? shaft.metal.Sy_MPa };
      const strong = { ...shaft, metal };
      return { shaft: strong, places: both ? stressed(strong, { how: template.how }, both) : [] };
    });
    const worst = all.reduce((a, b) =>
      (b.places[0]?.cracks ?? Number.POSITIVE_INFINITY) < (a.places[0]?.cracks ?? Number.POSITIVE_INFINITY) ? b : a,
    );
    seen.set(key, worst);
    return worst;
  };
}

/** Rim of a tool of which nothing is known, mm across (common practice, no source). */
const usualAcross_mm = 100;

/** What the tool pushes with, where nobody says it: from nothing to ten times what its torque makes at its rim, which a weight may well be. */
function pushOfTool(field: string, lines: readonly WalkedLine[], line: Line, acts: ActsOnShaft | undefined): Figure {
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

const likely = (from: Template['from']): Record<string, number> | null => {
  const entries = Object.entries(from);
  return entries.every(([, figure]) => figure.known)
    ? Object.fromEntries(entries.map(([name, figure]) => [name, figure.known ? figure.value : 0]))
    : null;
};

/** What is said of one shaft of a build. @param lines of the build, walked: what acts on it */
export function evaluateShaft(shaft: Shaft, build: Build, lines: readonly WalkedLine[], line: Line): EvaluatedShaft {
  const template = templateOf(shaft, build, lines, line);
  const { from, how, assumes } = template;
  const id = `${line.id}/@shafts/${shaft.id}`;
  const at = shaft.seats[0] ? `${shaft.seats[0].of.line}/${shaft.seats[0].of.stage}` : `${line.id}/work`;
  const numbers = likely(from);
  const cornerOf = corners(template, shaft);
  const now = numbers && cornerOf(numbers);
  const faults = now ? faultsOf(now.shaft) : [];
  const weakest = now?.places[0] ?? null;
  const name = shaft.name;
  const place = weakest === null || weakest.id === 'shaft' ? 'the plain shaft' : weakest.id;
  const tells = { shaft: name, place };
  const { whirl } = keptOf(shaft, template.alike);
  const whirlOf = (n: Readonly<Record<string, number>>): number => {
    const key = Object.values(n).join();
    const speed = whirl.get(key) ?? whirls(template.lay(n, 0), 1, 'whirl')[0]?.speed_rpm ?? Number.NaN;
    whirl.set(key, speed);
    return speed;
  };
  const cracks = (n: Readonly<Record<string, number>>) => cornerOf(n).places[0]?.cracks ?? Number.NaN;
  const endures = (n: Readonly<Record<string, number>>) => cornerOf(n).places[0]?.lasts_MPa ?? Number.NaN;
  const yields = (n: Readonly<Record<string, number>>) => Math.min(...cornerOf(n).places.map((each) => each.yields));
  const { Sut: _, Sy: __, ...still } = from;
  // How fast it whirls hangs on neither what pulls nor what turns.
  const lies = Object.fromEntries(Object.entries(still).filter(([name]) => !/ pull$| force$| peak$|^torque$|^jam/.test(name)));
  const checks =
    faults.length > 0
      ? [faultCheck(`${id}/check-cracks`, at, name, faults)]
      : [
          hold(`${id}/check-cracks`, at, outputs.cracks, {
            has: solve('MPa', lasting, from, endures),
            needs: solve('MPa', cracking, from, (n) => endures(n) / cracks(n)),
            tells,
          }),
          hold(`${id}/check-bends`, at, outputs.bends, {
            has: solve('MPa', strength, { Sy: from.Sy as Figure }, ({ Sy = Number.NaN }) => Sy),
            needs: solve('MPa', yielding, still, (n) => {
              const whole = { ...n, Sut: metals.bright.Sut_MPa, Sy: metals.bright.Sy_MPa };
              return metals.bright.Sy_MPa / yields(whole);
            }),
            tells,
          }),
          hold(`${id}/check-whirls`, at, outputs.whirls, {
            has: solve('rpm', whirling, lies, (n) => nearWhirl.fails[0] * whirlOf(n)),
            needs: template.top as Figure<'rpm'>,
            tells,
          }),
        ];
  return {
    id: shaft.id,
    name,
    checks,
    laid: faults.length === 0 && now ? now.shaft : null,
    weakest,
    how,
    speed_rpm: template.top.known ? template.top.value : 0,
    faults,
    assumes: [...assumes, ...twoSchools(now?.places ?? [])],
  };
}

/** Two schools that are further apart than this are told both (docs/decisions/0049). */
const apart = 0.15;

/** What the quick code formula says, where it is not what Goodman’s line says. */
function twoSchools(places: readonly Place[]): Sentence[] {
  const least = (of: (place: Place) => number) => Math.min(...places.map(of));
  const [goodman, code] = [least(({ cracks }) => cracks), least(({ code: factor }) => factor)];
  if (places.length === 0 || Math.abs(code / goodman - 1) <= apart) return [];
  const times = (value: number) => ({ value: Number(value.toPrecision(2)), unit: '1' as const });
  return [
    sentence(
      'two schools: by Goodman’s line it bears {goodman} times what it has to, by the quick code formula with its shock factors {code} times',
      {
        goodman: times(goodman),
        code: times(code),
      },
    ),
  ];
}

/** What is wrong with how it lies: nothing can be said of it. */
const faultCheck = (id: string, at: string, shaft: string, faults: readonly string[]): Check => ({
  id,
  at,
  verdict: 'unknown',
  name: sentence('the {shaft}', { shaft }),
  has: unknown('MPa', []),
  needs: unknown('MPa', []),
  margin: null,
  says: { ...sentence('whether the {shaft} lasts is not known yet: {faults}', { shaft, faults: faults.join('; ') }), verdict: 'unknown' },
  source: 'Statics',
});
