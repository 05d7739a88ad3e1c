import { type Check, closeBelow, hold, type Labels } from '../checks/check.js';
import { type Figure, flag, highEnd, known, lowEnd, picked, unknown } from '../figure/figure.js';
import { forwardInertia } from '../formulas/dynamics/forward-inertia.js';
import { reflectedInertia } from '../formulas/dynamics/reflected-inertia.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { askedBack } from '../formulas/transmission/asked-back.js';
import { frictionLoss } from '../formulas/transmission/friction-loss.js';
import { slipLoss } from '../formulas/transmission/slip-loss.js';
import { joined, joinedOnce } from '../joined.js';
import type { Fields, InputFigures } from '../kinds/fields.js';
import { unitOf } from '../kinds/fields.js';
import type {
  Asked,
  Candidate,
  Context,
  DrawnStage,
  FeedKind,
  Given,
  Held,
  Kind,
  Note,
  Passing,
  Rotary,
  SourceKind,
  StageKind,
  StageOutline,
  Supply,
  Typed,
  WorkKind,
} from '../kinds/kind.js';
import { type Kinds, kindKey } from '../kinds/registry.js';
import type { Build, Element, Line } from '../machine/build.js';
import { elementsOf } from '../machine/paths.js';
import type { Unit } from '../quantity/quantities.js';
import { showRange, showShare, type UnitHabit } from '../quantity/show.js';
import { type Jam, jam } from './jam.js';
import { pullOnShaft } from './pull-on-shaft.js';
import { type RunUp, starts } from './starts.js';

/** What stands at one shaft: figures under it on the drawing. */
export interface StationFigures {
  readonly id: string;
  readonly name: string;
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
  /** Pull of belts and the like on the shaft, where one is worked out. */
  readonly pull: Figure<'N'> | null;
}

/** A candidate with the element it would change. */
export interface Offer extends Candidate {
  readonly path: string;
}

export interface WalkedLine {
  readonly id: string;
  readonly figures: ReadonlyMap<string, ReadonlyMap<string, Figure>>;
  readonly stations: readonly StationFigures[];
  /** The first says whether the drive carries the work. */
  readonly checks: readonly Check[];
  readonly outlines: readonly DrawnStage[];
  /** What might cure its checks; worked out when it is asked for. */
  readonly offers: (typed: (path: string) => string | undefined) => readonly Offer[];
  readonly jam: Jam;
  readonly runUp: RunUp | null;
  readonly cautions: readonly string[];
  readonly notEntered: readonly string[];
}

/** What an element is opened with: its entries as figures, and where it keeps its own. */
interface Opened {
  readonly kind: Kind;
  readonly inputs: InputFigures<Fields>;
  readonly context: Context;
}

/**
 * Walks a line from source to work and back: speed and torque are handed on from element to element, what the work asks is handed back, every figure is
 * kept under its element; then whether it starts, and what gives when it jams.
 * @throws Error when a kind of the line is not among `kinds`: the caller loads them first
 */
export function walkLine(line: Line, kinds: Kinds, label: Labels, supply: Build['supply'] = {}): WalkedLine {
  const figures = new Map<string, Map<string, Figure>>();
  const noteUnder = (path: string): Note => {
    const own = figures.get(path) ?? new Map<string, Figure>();
    figures.set(path, own);
    return <U extends Unit>(name: string, figure: Figure<U>) => {
      own.set(name, figure);
      return figure;
    };
  };
  const opened = elementsOf(line).map(({ role, path, element }): Opened => {
    const kind = kinds.get(kindKey(role, element.kind));
    if (!kind) throw new Error(`Kind ${element.kind} is not loaded`);
    return { kind, inputs: inputFigures(path, element, kind.fields), context: { note: noteUnder(path), path, label } };
  });
  const [feed, source, ...others] = opened as [Opened, Opened, ...Opened[]];
  const stages = others.slice(0, -1);
  const work = others.at(-1) as Opened;

  const fed = (feed.kind as FeedKind).feeds(feed.inputs, supplyOf(supply), feed.context);
  const given = (source.kind as SourceKind).gives(source.inputs, fed, source.context);
  const at: Rotary[] = [given];
  const passings = stages.map(({ kind, inputs, context }) => {
    const passing = (kind as StageKind).passes(inputs, at.at(-1) as Rotary, context);
    at.push(passing.leaving);
    return passing;
  });
  const asked = (work.kind as WorkKind).asks(work.inputs, at.at(-1) as Rotary, work.context);
  const askedAt = torquesAsked(asked, passings);
  const held = passings.map((passing, k) =>
    passing.under({
      torque: askedAt[k] as Figure<'N·m'>,
      power: shaftPower({ T: askedAt[k] as Figure<'N·m'>, n: (at[k] as Rotary).speed }),
      shock: asked.shock,
      driver: given.driver,
      swings: () => ({ before: swingBefore(given, passings, k), behind: swingBehind(passings, asked, k) }),
    }),
  );
  const stations = at.map((shaft, k) => stationOf(line, shaft, k, passings, held));
  for (const [k, { kept }] of passings.entries()) loses(stages[k] as Opened, stations, k, kept);
  const last = stations.at(-1) as StationFigures;
  const stopped = jam({ line: line.id, tool: last.name, given, passings, held, asked, at, note: noteUnder(`${line.id}/jam`), label });
  const started = starts({
    path: source.context.path,
    given,
    passings,
    asked,
    steady: askedAt[0] as Figure<'N·m'>,
    toolSpeed: last.speed,
    note: source.context.note,
    label,
  });
  const everyone: readonly { readonly cautions?: readonly string[]; readonly notEntered?: readonly string[] }[] = [given, ...held, asked];
  return {
    id: line.id,
    figures,
    stations,
    checks: [
      carries(work.context.path, given.called, last, asked.steady, label),
      ...given.checks,
      ...given.under(shaftPower({ T: askedAt[0] as Figure<'N·m'>, n: given.speed })),
      ...started.checks,
      ...bearing(source.context.path, given, held, label),
      ...joined(held, (each) => each.checks),
      ...joined(stages, ({ context }, k) => overhung(context.path, held[k], held[k + 1], label)),
      ...asked.checks,
      ...stopped.checks,
    ],
    outlines: passings.map(({ outline }, k) => drawn(outline, line.stages[k] as Element)),
    offers: (typed) =>
      [source, ...others].flatMap(({ kind, inputs, context: { path } }) =>
        offersOf(kind, inputs, (field) => typed(`${path}/${field}`), label.units).map((each) => ({ ...each, path })),
      ),
    jam: stopped,
    runUp: started.runUp,
    cautions: joinedOnce(everyone, (each) => each.cautions),
    notEntered: joinedOnce(everyone, (each) => each.notEntered),
  };
}

/** Every field there is, so that none that comes later is left behind. */
type Whole = { readonly [K in keyof Required<DrawnStage>]: DrawnStage[K] };

/** Field by field: copied at every key. */
const drawn = ({ driver, driven, centres, angle, line, coaxial, stock }: StageOutline, { kind }: Element): Whole => ({
  kind,
  driver,
  driven,
  centres,
  angle,
  line,
  coaxial,
  stock,
});

const offersOf = (kind: Kind, inputs: InputFigures<Fields>, typed: Typed, units: UnitHabit): readonly Candidate[] =>
  kind.role === 'feed' ? [] : (kind.candidates?.(inputs, typed, units) ?? []);

/** What the brief says of the supply. */
function supplyOf(supply: Build['supply']): Supply {
  const entry = <U extends 'V' | 'Hz' | 'A'>(name: keyof Build['supply'], unit: U): Figure<U> => {
    const value = supply[name]?.value;
    return value === undefined ? unknown(unit, []) : known(unit, value, { by: 'given', field: `supply/${name}` });
  };
  return { voltage: entry('voltage', 'V'), frequency: entry('frequency', 'Hz'), breaker: entry('breaker', 'A') };
}

/** What spins before stage `k`, as its driving shaft feels it. */
const swingBefore = (given: Given, passings: readonly Passing[], k: number): Figure<'kg·m²'> =>
  picked('sum', 'kg·m²', [
    passings
      .slice(0, k)
      .reduce(
        (J, { ratio, inertia }) => picked('sum', 'kg·m²', [forwardInertia({ J: picked('sum', 'kg·m²', [J, inertia.in]), i: ratio }), inertia.out]),
        given.inertia,
      ),
    (passings[k] as Passing).inertia.in,
  ]);

/** What spins behind stage `k`, as its driven shaft feels it. */
const swingBehind = (passings: readonly Passing[], asked: Asked, k: number): Figure<'kg·m²'> =>
  picked('sum', 'kg·m²', [
    (passings[k] as Passing).inertia.out,
    passings
      .slice(k + 1)
      .reduceRight(
        (J, { ratio, inertia }) => picked('sum', 'kg·m²', [inertia.in, reflectedInertia({ J: picked('sum', 'kg·m²', [inertia.out, J]), i: ratio })]),
        asked.inertia,
      ),
  ]);

/** Torque the work asks at each shaft, from the source's to the tool's. */
function torquesAsked({ steady }: Asked, passings: readonly Passing[]): Figure<'N·m'>[] {
  const torques: Figure<'N·m'>[] = [steady];
  for (const { ratio, kept } of [...passings].reverse()) torques.unshift(askedBack({ T_2: torques[0] as Figure<'N·m'>, i: ratio, k: kept }));
  return torques;
}

function stationOf(line: Line, { speed, torque }: Rotary, k: number, passings: readonly Passing[], held: readonly Held[]): StationFigures {
  const station = line.stations[k];
  return {
    id: station?.id ?? `s${k}`,
    name: station?.name ?? `shaft ${k + 1}`,
    speed,
    torque,
    power: shaftPower({ T: torque, n: speed }),
    pull: pullOnShaft(k, passings, held),
  };
}

/** Where the power went: what a stage loses to friction and to slip is what arrives less what leaves. */
function loses({ context, inputs }: Opened, stations: readonly StationFigures[], k: number, kept: Figure<'1'>): void {
  const P = (stations[k] as StationFigures).power;
  const { slip } = inputs as { slip?: Figure<'1'> };
  context.note('lost-to-friction', frictionLoss({ P, k: kept }));
  if (slip) context.note('lost-to-slip', slipLoss({ P, k: kept, s: slip }));
}

/** The fields of an element: entered, usual where nothing was, or unknown and naming itself; a choice as what was chosen. */
function inputFigures(path: string, element: Element, fields: Fields): InputFigures<Fields> {
  const known = entries.get(element.inputs);
  if (known?.path === path && known.fields === fields) return known.figures;
  const figures = makeInputs(path, element, fields);
  entries.set(element.inputs, { path, fields, figures });
  return figures;
}

/** Entries never change: an element that nobody touched keeps its figures. */
const entries = new WeakMap<object, { readonly path: string; readonly fields: Fields; readonly figures: InputFigures<Fields> }>();

function makeInputs(path: string, element: Element, fields: Fields): InputFigures<Fields> {
  const figures: Record<string, unknown> = {};
  for (const [name, field] of Object.entries(fields)) {
    const input = element.inputs[name];
    const at = `${path}/${name}`;
    if (field.is === 'choice') {
      figures[name] = { is: input?.text || field.usual, field: at };
      continue;
    }
    const unit = unitOf(field);
    if (input?.value !== undefined) {
      const range = input.low === undefined || input.high === undefined ? undefined : ([input.low, input.high] as const);
      figures[name] = known(unit, input.value, { by: 'given', field: at }, range, input.how === 'guessed' ? flag.guessed : 0);
    } else if (field.usual) {
      const { value, low, high, source } = field.usual;
      figures[name] = known(unit, value, { by: 'usual', field: at, source }, [low, high]);
    } else {
      figures[name] = unknown(unit, [at]);
    }
  }
  return figures as InputFigures<Fields>;
}

/** Does what arrives at the tool's shaft carry what the work asks? */
function carries(path: string, called: string, arriving: StationFigures, asked: Figure<'N·m'>, label: Labels): Check {
  const { torque } = arriving;
  return hold({
    id: `${path}/check-carries`,
    at: path,
    subject: `Whether the ${called} carries the work`,
    has: torque,
    needs: asked,
    says: ({ verdict, margin, needs }) => {
      const has = torque.known ? showRange(lowEnd(torque), highEnd(torque), 'N·m', label.units) : '';
      const wants = asked.known ? showRange(lowEnd(asked), highEnd(asked), 'N·m', label.units) : needs;
      const guessed = torque.known && asked.known && (torque.flags | asked.flags) & flag.guessed;
      const there = `${has} reaches the ${arriving.name}, ${wants} is asked`;
      if (margin.best < 0) return `The ${called} does not carry the work: ${there}; at best ${showShare(-margin.best)} short`;
      if (verdict === 'gives') return `The ${called} may not carry the work: ${there}; at worst ${showShare(-margin.worst)} short`;
      const left = `at worst ${showShare(margin.worst)} of it is left`;
      if (verdict === 'close' && margin.worst >= closeBelow)
        return `The ${called} carries the work if the ${guessed ? 'guess' : 'estimate'} is right: ${there}; ${left}`;
      return `The ${called} ${verdict === 'holds' ? 'carries' : 'just carries'} the work: ${there}; ${left}`;
    },
    source: 'Torque that arrives against torque asked; close below 20 % left (Hobrek’s threshold)',
    label,
  });
}

/** Pull of the first stage on the motor's own bearing, once its shaft is known. */
function bearing(path: string, { takes }: Given, held: readonly Held[], label: Labels): Check[] {
  const pull = held[0]?.pulls.in;
  if (!takes.known || !pull || (pull.known && pull.value === 0)) return [];
  return [
    hold({
      id: `${path}/check-bearing`,
      at: path,
      subject: 'What the motor’s bearing takes',
      has: takes,
      needs: pull,
      says: ({ has, needs }) => `The motor’s bearing takes ${needs} of pull; motors of this shaft stand about ${has}`,
      source: 'Permissible pull by shaft end, catalogue averages (from memory): an estimate, never better than close',
      label,
    }),
  ];
}

/** Pull of the next stage on a stage's own output bearing, where its plate says what that stands. */
function overhung(path: string, own: Held | undefined, next: Held | undefined, label: Labels): Check[] {
  if (!own?.takes?.known || !next) return [];
  const source = 'As its plate or its maker’s list says: overhung load';
  return [
    hold({
      id: `${path}/check-overhung`,
      at: path,
      subject: 'What its output shaft takes',
      has: own.takes,
      needs: next.pulls.in,
      says: ({ has, needs }) => `The output shaft takes ${needs} of pull; ${has} is allowed`,
      source,
      label,
    }),
  ];
}
