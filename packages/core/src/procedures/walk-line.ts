import { type Check, noWorseThanClose } from '../checks/check.js';
import { type Figure, fixed, flag, known, picked, scaled, unknown } from '../figure/figure.js';
import { forwardInertia } from '../formulas/dynamics/forward-inertia.js';
import { reflectedInertia } from '../formulas/dynamics/reflected-inertia.js';
import { shaftPower } from '../formulas/power/shaft-power.js';
import { carriedTorque } from '../formulas/transmission/carried-torque.js';
import { frictionLoss } from '../formulas/transmission/friction-loss.js';
import { neededBefore } from '../formulas/transmission/needed-before.js';
import { slipLoss } from '../formulas/transmission/slip-loss.js';
import { joined, joinedOnce } from '../joined.js';
import { contextAt, type OwnFigures } from '../kinds/context.js';
import type { Fields, InputFigures } from '../kinds/fields.js';
import { unitOf } from '../kinds/fields.js';
import type {
  DrawnStage,
  FeedKind,
  Kind,
  Rotary,
  Said,
  SourceKind,
  SourceOutput,
  StageKind,
  StageOutline,
  StageResult,
  StageTransfer,
  Supply,
  WorkDemand,
  WorkKind,
} from '../kinds/kind.js';
import type { Context, Limit } from '../kinds/outputs.js';
import { type Kinds, kindKey } from '../kinds/registry.js';
import { noSlip } from '../kinds/shared/driven-shaft.js';
import { serviceFactor } from '../kinds/shared/service-factor.js';
import type { Build, Element, Line } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import { elementsOf } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { type Jam, jam } from './jam.js';
import { sourceOutputs, stageOutputs, workOutputs } from './line-outputs.js';
import { fillOpen } from './open-places.js';
import { pullOnShaft } from './pull-on-shaft.js';
import { type Running, runningAt } from './running.js';
import { type RunningUp, starts } from './starts.js';

/** Figures at one shaft, under it on the drawing: at full load of the source, and running. */
export interface StationFigures {
  readonly id: string;
  readonly name: string;
  readonly speed: Figure<'rpm'>;
  readonly torque: Figure<'N·m'>;
  readonly power: Figure<'W'>;
  /** Pull of belts and the like on the shaft, where one is worked out. */
  readonly pull: Figure<'N'> | null;
  /** What it does at work; null where there is nothing to tell it by. */
  readonly running: Running | null;
}

export interface WalkedLine {
  readonly id: string;
  readonly figures: ReadonlyMap<string, ReadonlyMap<string, Figure>>;
  readonly stations: readonly StationFigures[];
  /** The first says whether the source is strong enough for the work. */
  readonly checks: readonly Check[];
  readonly outlines: readonly DrawnStage[];
  readonly jam: Jam;
  readonly cautions: readonly Sentence[];
  readonly notEntered: readonly string[];
  readonly notWorkedOut: readonly string[];
}

/** What an element is opened with: its entries as figures, and where it keeps its own. */
interface Opened {
  readonly kind: Kind;
  readonly path: string;
  readonly inputs: InputFigures<Fields>;
  readonly figures: OwnFigures;
  readonly context: Context;
}

/** An element with its entries as figures. @throws Error when its kind is not among `kinds`: the caller loads them first */
export function openElement({ role, path, element }: ReturnType<typeof elementsOf>[number], kinds: Kinds): Pick<Opened, 'kind' | 'path' | 'inputs'> {
  const kind = kinds.get(kindKey(role, element.kind));
  if (!kind) throw new Error(`Kind ${element.kind} is not loaded`);
  return { kind, path, inputs: inputFigures(path, element, kind.fields) };
}

/** What of the brief goes into the sums. */
type Brief = Partial<Pick<Build, 'supply' | 'wishes'>>;

/**
 * Walks a line from source to work and back: speed and torque are handed on from element to element, what the work needs is handed back, every figure is
 * kept under its element; then whether it starts, and what fails first when it jams.
 * @throws Error when a kind of the line is not among `kinds`: the caller loads them first
 */
export const walkLine = (line: Line, kinds: Kinds, brief?: Brief): WalkedLine => walk(line, kinds, brief).walked;

/** The same, with how it runs up: functions, which are no part of an evaluation. */
export function walk(
  line: Line,
  kinds: Kinds,
  { supply = {}, wishes }: Brief = {},
): { readonly walked: WalkedLine; readonly runningUp: RunningUp | null } {
  const figures = new Map<string, OwnFigures>();
  const opened = elementsOf(line).map((placed): Opened => {
    const { kind, path, inputs } = openElement(placed, kinds);
    const own: OwnFigures = new Map();
    figures.set(path, own);
    return { kind, path, inputs, figures: own, context: contextAt(path, kind, own) };
  });
  const [feed, source, ...others] = opened as [Opened, Opened, ...Opened[]];
  const stages = others.slice(0, -1);
  const work = others.at(-1) as Opened;
  const { noun } = source.kind;

  const fed = (feed.kind as FeedKind).feed(feed.inputs, supplyOf(supply), feed.context);
  const open = fillOpen(opened, wishes, fed.frequency);
  const output = (source.kind as SourceKind).output(open?.source ?? source.inputs, fed, source.context);
  const at: Rotary[] = [output];
  const filled = open?.stages(output.speed);
  const transfers = stages.map(({ kind, inputs, context }, k) => {
    const transfer = (kind as StageKind).transfer(filled?.[k] ?? inputs, at.at(-1) as Rotary, context);
    at.push(transfer.leaving);
    return transfer;
  });
  const demand = (work.kind as WorkKind).demand(work.inputs, at.at(-1) as Rotary, work.context);
  const neededAt = torquesNeeded(demand.steady, transfers);
  const breakawayAt = torquesNeeded(demand.breakaway, transfers);
  const power = neededAt.map((T, k) => shaftPower({ T, n: (at[k] as Rotary).speed }));
  const mustLast = mustLastOf(wishes);
  const results = transfers.map((transfer, k) =>
    transfer.under({
      torque: neededAt[k] as Figure<'N·m'>,
      power: power[k] as Figure<'W'>,
      torqueBehind: neededAt[k + 1] as Figure<'N·m'>,
      breakaway: breakawayAt[k] as Figure<'N·m'>,
      breakawayBehind: breakawayAt[k + 1] as Figure<'N·m'>,
      shock: demand.shock,
      driver: output.driver,
      mustLast,
      inertias: () => ({ before: inertiaBefore(output, transfers, k), behind: inertiaBehind(transfers, demand, k) }),
    }),
  );
  const asSource = contextAt(source.path, sourceOutputs, source.figures);
  const steady = neededAt[0] as Figure<'N·m'>;
  const toolSpeed = (at.at(-1) as Rotary).speed;
  const started = starts({ output, transfers, demand, steady, toolSpeed, context: asSource });
  const running = runningAt({ settles: started.settles, transfers, demand, toolSpeed, neededAt });
  const stations = at.map((shaft, k) => stationOf(line, shaft, k, transfers, results, running?.[k] ?? null));
  for (const [k, transfer] of transfers.entries()) loses(stages[k] as Opened, stations[k] as StationFigures, transfer);
  const last = stations.at(-1) as StationFigures;
  const inJam: OwnFigures = new Map();
  const shafts = stations.map(({ name }) => name);
  const stopped = jam({ tool: last.name, noun, output, transfers, results, demand, at, shafts, figures: inJam, path: `${line.id}/jam` });
  figures.set(`${line.id}/jam`, inJam);
  const everyone: readonly Said[] = [output, ...results, demand];
  const walked: WalkedLine = {
    id: line.id,
    figures,
    stations,
    checks: [
      strongEnough(work, noun, last, demand.steady),
      ...peaks(work, noun, last.name, stalledAtTool(output, transfers), demand.peak),
      ...output.checks,
      ...output.under(power[0] as Figure<'W'>, demand.lasts),
      ...started.checks,
      ...restart(asSource, output, demand),
      ...bearing(asSource, noun, output, results),
      ...joined(results, (each) => each.checks),
      ...joined(stages, (stage, k) =>
        wears(
          stage,
          results[k],
          [neededAt[k], neededAt[k + 1]],
          serviceFactor('v-belt', { shock: demand.shock, driver: output.driver }),
          demand.jams === 'never',
        ),
      ),
      ...joined(stages, (stage, k) => overhung(stage, results[k], results[k + 1])),
      ...demand.checks,
      ...stopped.checks,
    ],
    outlines: transfers.map(({ outline }, k) => drawn(outline, line.stages[k] as Element)),
    jam: stopped,
    cautions: [...joinedOnce(everyone, (each) => each.cautions), ...started.cautions].map(asSentence),
    notEntered: joinedOnce(everyone, (each) => each.notEntered),
    notWorkedOut: joinedOnce(everyone, (each) => each.notWorkedOut),
  };
  return { walked, runningUp: started.runningUp };
}

/** The words of a caution as a sentence, the same one each time: of several lines each is said once. */
function asSentence(caution: string | Sentence): Sentence {
  if (typeof caution !== 'string') return caution;
  const made = cautionsMade.get(caution) ?? sentence(caution.replace(/\.$/, ''));
  cautionsMade.set(caution, made);
  return made;
}

const cautionsMade = new Map<string, Sentence>();

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

const shedHours = fixed(
  's',
  720_000,
  'Common practice, no source: what wears lasts 200 hours of a machine in a shed, while the brief says nothing else',
);

/** Hours that what wears must last. */
const mustLastOf = (wishes: Build['wishes']): Figure<'s'> =>
  wishes?.mustLast?.value === undefined ? shedHours : entryFigure(wishes.mustLast, 's', 'wishes/mustLast');

/** What the brief says of the supply. */
export function supplyOf(supply: Build['supply']): Supply {
  const entry = <U extends 'V' | 'Hz' | 'A'>(name: keyof Build['supply'], unit: U): Figure<U> =>
    entryFigure(supply[name], unit, `supply/${name}`, []);
  const phases = { is: supply.phases?.text as '1' | '3' | undefined, field: 'supply/phases' };
  return { voltage: entry('voltage', 'V'), frequency: entry('frequency', 'Hz'), phases, breaker: entry('breaker', 'A') };
}

/** Inertia of what spins before stage `k`, as its driving shaft feels it. */
const inertiaBefore = (output: SourceOutput, transfers: readonly StageTransfer[], k: number): Figure<'kg·m²'> =>
  picked('sum', 'kg·m²', [
    transfers
      .slice(0, k)
      .reduce(
        (J, { ratio, inertia }) => picked('sum', 'kg·m²', [forwardInertia({ J: picked('sum', 'kg·m²', [J, inertia.in]), i: ratio }), inertia.out]),
        output.inertia,
      ),
    (transfers[k] as StageTransfer).inertia.in,
  ]);

/** Inertia of what spins behind stage `k`, as its driven shaft feels it. */
const inertiaBehind = (transfers: readonly StageTransfer[], demand: WorkDemand, k: number): Figure<'kg·m²'> =>
  picked('sum', 'kg·m²', [
    (transfers[k] as StageTransfer).inertia.out,
    transfers
      .slice(k + 1)
      .reduceRight(
        (J, { ratio, inertia }) => picked('sum', 'kg·m²', [inertia.in, reflectedInertia({ J: picked('sum', 'kg·m²', [inertia.out, J]), i: ratio })]),
        demand.inertia,
      ),
  ]);

/** Torque the work needs at each shaft, from the source's to the tool's. */
function torquesNeeded(steady: Figure<'N·m'>, transfers: readonly StageTransfer[]): Figure<'N·m'>[] {
  const torques: Figure<'N·m'>[] = [steady];
  for (const { ratio, efficiency } of [...transfers].reverse())
    torques.unshift(neededBefore({ T_2: torques[0] as Figure<'N·m'>, i: ratio, k: efficiency }));
  return torques;
}

function stationOf(
  line: Line,
  { speed, torque }: Rotary,
  k: number,
  transfers: readonly StageTransfer[],
  results: readonly StageResult[],
  running: Running | null,
): StationFigures {
  const station = line.stations[k];
  return {
    id: station?.id ?? `s${k}`,
    name: station?.name ?? `shaft ${k + 1}`,
    speed,
    torque,
    power: shaftPower({ T: torque, n: speed }),
    pull: pullOnShaft(k, transfers, results),
    running,
  };
}

/** Where the power went: what a stage loses to friction and to slip is what arrives less what leaves. */
function loses({ path, figures }: Opened, { power: P, running }: StationFigures, { efficiency: k, slip }: StageTransfer): void {
  const { note } = contextAt(path, stageOutputs, figures);
  note('lost-to-friction', frictionLoss({ P, k }));
  if (slip !== noSlip) note('lost-to-slip', slipLoss({ P, k, s: slip }));
  if (!running) return;
  note('running-lost-to-friction', frictionLoss({ P: running.power, k }));
  if (slip !== noSlip) note('running-lost-to-slip', slipLoss({ P: running.power, k, s: slip }));
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
    if (input?.value !== undefined) figures[name] = entryFigure(input, unit, at);
    else if (field.usual) {
      const { value, low, high, source, of } = field.usual;
      figures[name] = known(unit, value, { by: 'usual', field: at, source }, [low, high], of === 'unseen' && low < high ? flag.unseen : 0);
    } else {
      figures[name] = unknown(unit, [at]);
    }
  }
  return figures as InputFigures<Fields>;
}

/** Whether what arrives at the tool's shaft is what the work needs. */
function strongEnough({ path, figures }: Opened, source: string, { torque, name }: StationFigures, needed: Figure<'N·m'>): Check {
  return contextAt(path, workOutputs, figures).check('carries', { has: torque, needs: needed, tells: { source, shaft: name } });
}

/** Torque of the stalled source as the tool feels it. */
const stalledAtTool = ({ stall }: SourceOutput, transfers: readonly StageTransfer[]): Figure<'N·m'> =>
  transfers.reduce<Figure<'N·m'>>((T1, { ratio: i, efficiency: k }) => carriedTorque({ T1, i, k }), stall.torque);

/** Whether the source gets over what the work takes for a moment. What spins helps it, so that it is close at worst. */
function peaks({ path, figures }: Opened, source: string, shaft: string, stalls: Figure<'N·m'>, peak: Figure<'N·m'> | undefined): Check[] {
  if (!peak) return [];
  const { note, check } = contextAt(path, workOutputs, figures);
  return [noWorseThanClose(check('peaks', { has: note('stalls-at-tool', stalls), needs: note('peak-at-tool', peak), tells: { source, shaft } }))];
}

/** Where hands clear it: whether it stays off, said only where it does not or where that is not known. */
function restart({ state }: Context<typeof sourceOutputs>, { restarts }: SourceOutput, { handsClear }: WorkDemand): Check[] {
  if (!handsClear || restarts === undefined || restarts === 'not by itself') return [];
  return [state('restart', restarts === 'by itself' ? { verdict: 'fails' } : { verdict: 'unknown', missing: restarts })];
}

/** Pull of the first stage on the source's own bearing, once its shaft is known. */
function bearing({ check }: Context<typeof sourceOutputs>, source: string, { supports }: SourceOutput, results: readonly StageResult[]): Check[] {
  const pull = results[0]?.pulls.in;
  if (!pull || (pull.known && pull.value === 0) || (!supports.known && supports.missing.length === 0 && !supports.because)) return [];
  return [check('bearing', { has: supports, needs: pull, tells: { source } })];
}

/** What fixes the wheels of a stage against what the work needs of it for years, with its service factor: told where it does not hold, since a jam needs more; of what nothing can jam always. */
function wears(
  { path, figures }: Opened,
  result: StageResult | undefined,
  needed: readonly [Figure<'N·m'> | undefined, Figure<'N·m'> | undefined],
  factor: Figure<'1'>,
  neverJams: boolean,
): Check[] {
  const { check } = contextAt(path, stageOutputs, figures);
  const held = (name: 'driver-wear' | 'driven-wear', hub: Limit | null | undefined, T: Figure<'N·m'> | undefined): Check[] =>
    hub && (hub.forYears || neverJams) && T && factor.known
      ? [
          check(name, {
            has: hub.forYears ?? hub.torque,
            needs: scaled(T, factor, 'With the service factor of the work'),
            tells: { what: hub.words.what },
          }),
        ]
      : [];
  const both = [...held('driver-wear', result?.hubs.in, needed[0]), ...held('driven-wear', result?.hubs.out, needed[1])];
  // What is missing of a hub is said once, of a jam.
  return neverJams ? both : both.filter(({ verdict, has, needs }) => verdict !== 'holds' && has.known && needs.known);
}

/** Pull of the next stage on a stage's own output bearing, where its plate says what that supports. */
function overhung({ path, figures }: Opened, own: StageResult | undefined, next: StageResult | undefined): Check[] {
  const pull = next?.pulls.in;
  if (!own?.supports || !pull || (pull.known && pull.value === 0)) return [];
  return [contextAt(path, stageOutputs, figures).check('overhung', { has: own.supports, needs: pull })];
}
