import { type Check, noWorseThanClose } from '../checks/check.js';
import { type Figure, fixed, picked, scaled, unknown } from '../figure/figure.js';
import { frictionLoss } from '../formulas/transmission/friction-loss.js';
import { slipLoss } from '../formulas/transmission/slip-loss.js';
import { joined, joinedOnce } from '../joined.js';
import { contextAt, type OwnFigures } from '../kinds/context.js';
import type {
  DrawnStage,
  KindHead,
  Said,
  SourceOutput,
  StageKind,
  StageOutline,
  StageReady,
  StageResult,
  WorkDemand,
  WorkKind,
} from '../kinds/kind.js';
import { portsBetween } from '../kinds/neighbours.js';
import type { Context, Limit } from '../kinds/outputs.js';
import { type Effort, type Moved, type Port, type PortKind, powerAt, unitAt } from '../kinds/ports.js';
import type { Kinds } from '../kinds/registry.js';
import { noSlip } from '../kinds/shared/driven-shaft.js';
import { serviceFactor } from '../kinds/shared/service-factor.js';
import type { Build, Element, Line } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import { elementsOf } from '../machine/paths.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { jam } from './jam.js';
import { sourceOutputs, stageOutputs, workOutputs } from './line-outputs.js';
import { feedOf, outputOf } from './on-feed.js';
import { fillOpen } from './open-places.js';
import { type Opened, openAnew } from './opened.js';
import { pullOnShaft } from './pull-on-shaft.js';
import { leave, readyOf } from './ready.js';
import { type Running, runningAt } from './running.js';
import { type ShaftsAre, workedOut } from './shafts/as-before.js';
import { shaftsInJam } from './shafts/in-jam.js';
import type { ActsOfLine, AroundShaft } from './shafts/template.js';
import { type RunningUp, starts } from './starts.js';
import { unfitted } from './unfitted.js';
import type { ActsOnShaft, StationFigures, WalkedLine, WheelOnShaft } from './walked.js';

/** What of the brief goes into the sums. */
interface Brief extends Partial<Pick<Build, 'supply' | 'wishes' | keyof AroundShaft>> {
  /** What other lines do to shafts that are shared. */
  readonly others?: readonly ActsOfLine[];
  readonly shaftsAre?: ShaftsAre;
}

/**
 * Walks a line from source to work and back: speed and torque are handed on from element to element, what the work needs is handed back, every figure is
 * kept under its element; then whether it starts, and what fails first when it jams.
 * @throws Error when a kind of the line is not among `kinds`: the caller loads them first
 */
export const walkLine = (line: Line, kinds: Kinds, brief?: Brief): WalkedLine => walk(line, kinds, brief).walked;

/** Speed of the source of a line on its feed, by itself: without what it drives. */
export function sourceSpeed(line: Line, kinds: Kinds, { supply = {} }: Brief = {}): Figure<'rpm'> {
  const [feed, source] = elementsOf(line)
    .slice(0, 2)
    .map((placed) => openAnew(placed, kinds)) as [Opened, Opened];
  return outputOf(feedOf(line, feed, source, supply), source).flow;
}

/** The same, with how it runs up: functions, which are no part of an evaluation. */
export function walk(
  line: Line,
  kinds: Kinds,
  { supply = {}, wishes, lines = [line], shafts = [], forces, others: sharing = [], shaftsAre = workedOut }: Brief = {},
): { readonly walked: WalkedLine; readonly runningUp: RunningUp | null } {
  const figures = new Map<string, OwnFigures>();
  const opened = elementsOf(line).map((placed) => openAnew(placed, kinds));
  for (const { path, figures: own } of opened) figures.set(path, own);
  const apart = unfitted(line, opened, figures, kinds, ({ kind, path, inputs, figures: own }, k) =>
    drawn(readyOf({ kind, path, inputs, figures: own }, 'rotary', 'rotary').outline, line.stages[k] as Element),
  );
  if (apart) return { walked: apart, runningUp: null };
  const [feed, source, ...others] = opened as [Opened, Opened, ...Opened[]];
  const stages = others.slice(0, -1);
  const work = others.at(-1) as Opened;
  const { noun } = source.kind;

  const onFeed = feedOf(line, feed, source, supply);
  const ports = portsBetween(opened.slice(1).map(({ kind }) => kind));
  const open = fillOpen(opened, wishes, onFeed.fed.frequency);
  const output = outputOf(onFeed, source, open?.source);
  const at: Port<'rotary'>[] = [output];
  const filled = open?.stages(output.flow);
  const transfers = stages.map((stage, k) => {
    const ready = readyOf(filled ? { ...stage, inputs: filled[k] as Opened['inputs'] } : stage, ports[k] as PortKind, ports[k + 1] as PortKind);
    at.push(leave(ready, at.at(-1) as Port<'rotary'>, ports[k + 1] as 'rotary', stage.context));
    return ready;
  });
  const demand = (work.kind as WorkKind).demand(work.inputs, at.at(-1) as Port<'rotary'>, work.context);
  const neededAt = effortsNeeded(demand.steady, transfers);
  const breakawayAt = effortsNeeded(demand.breakaway, transfers);
  const power = neededAt.map((effort, k) => powerAt({ is: ports[k] as 'rotary', effort, flow: (at[k] as Port<'rotary'>).flow }));
  const mustLast = mustLastOf(wishes);
  const results = transfers.map((ready, k) => {
    const { kind, inputs, context } = stages[k] as Opened;
    const duty = {
      torque: neededAt[k] as Effort<'rotary'>,
      power: power[k] as Figure<'W'>,
      torqueBehind: neededAt[k + 1] as Effort<'rotary'>,
      breakaway: breakawayAt[k] as Effort<'rotary'>,
      breakawayBehind: breakawayAt[k + 1] as Effort<'rotary'>,
      shock: demand.shock,
      driver: output.driver,
      mustLast,
      inertias: () => ({ before: movedBefore(at, transfers, k), behind: movedBehind(at, transfers, demand, k) }),
    };
    const state = { arriving: at[k] as Port<'rotary'>, leaving: at[k + 1] as Port<'rotary'>, duty };
    return (kind as StageKind).under(filled?.[k] ?? inputs, ready, state, context);
  });
  const asSource = contextAt(source.path, sourceOutputs, source.figures);
  const steady = neededAt[0] as Effort<'rotary'>;
  const toolSpeed = (at.at(-1) as Port<'rotary'>).flow;
  const started = starts({ output, at, transfers, demand, steady, toolSpeed, context: asSource });
  const running = runningAt({ settles: started.settles, ports, transfers, demand, toolSpeed, neededAt });
  const stations = at.map((shaft, k) => stationOf(line, shaft, k, transfers, results, running?.[k] ?? null));
  for (const [k, transfer] of transfers.entries()) loses(stages[k] as Opened, stations[k] as StationFigures, transfer);
  const last = stations.at(-1) as StationFigures;
  const inJam: OwnFigures = new Map();
  const acts = at.map((port, k) => actsOn(port, k, { stages, transfers, results, neededAt, demand }));
  const ends = { source: { kind: line.source.kind, ...output.body }, work: { kind: line.work.kind, ...demand.body } };
  const around: AroundShaft = { lines, shafts, ...(forces ? { forces } : {}) };
  const everyone: readonly Said[] = [output, ...results, demand];
  const checks = [
    strongEnough(work, noun, last, demand),
    ...peaks(work, noun, last.name, stalledAtTool(output, transfers), demand),
    ...output.checks,
    ...output.under(power[0] as Figure<'W'>, demand.lasts, source.context),
    ...started.checks,
    ...restart(asSource, output, demand),
    ...reversal(asSource, output, work.kind as KindHead),
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
  ];
  const isTold = shaftsAre.told?.(checks) !== 'none';
  const lying = isTold && shafts.length > 0 ? shaftsInJam(line, around, [{ id: line.id, acts, ends }, ...sharing], shaftsAre) : [];
  const names = stations.map(({ name }) => name);
  const stopped = isTold
    ? jam({
        tool: last.name,
        noun,
        output,
        transfers,
        results,
        demand,
        at,
        shafts: names,
        lying,
        areAsBefore: shaftsAre.asBefore,
        figures: inJam,
        path: `${line.id}/jam`,
      })
    : untold;
  figures.set(`${line.id}/jam`, inJam);
  const walked: WalkedLine = {
    id: line.id,
    figures,
    stations,
    checks: [...checks, ...stopped.checks],
    outlines: transfers.map(({ outline }, k) => drawn(outline, line.stages[k] as Element)),
    ends,
    jam: stopped,
    acts,
    cautions: [...joinedOnce(everyone, (each) => each.cautions), ...started.cautions].map(asSentence),
    cautionsAt: new Map([
      [source.path, (output.cautions ?? []).map(asSentence)],
      ...results.map((each, k) => [(stages[k] as Opened).path, (each.cautions ?? []).map(asSentence)] as const),
      // What runs down is the tool's danger.
      [work.path, [...(demand.cautions ?? []), ...started.cautions].map(asSentence)],
    ]),
    notEntered: joinedOnce(everyone, (each) => each.notEntered),
    notWorkedOut: joinedOnce(everyone, (each) => each.notWorkedOut),
  };
  return { walked, runningUp: started.runningUp };
}

/** Of a jam that was not worked out. */
const untold: WalkedLine['jam'] = { rungs: [], torque: unknown('N·m', []), checks: [], says: [] };

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

const sumOf = (is: PortKind, moved: readonly Moved<'rotary'>[]): Moved<'rotary'> => picked('sum', unitAt(is as 'rotary', 'moved'), moved);

/** Inertia or mass of what moves before stage `k`, as its driving port feels it. */
function movedBefore(at: readonly Port<'rotary'>[], transfers: readonly StageReady[], k: number): Moved<'rotary'> {
  const before = transfers.slice(0, k).reduce(
    (J, { across, moved }, s) => {
      const [driving, driven] = [at[s] as Port<'rotary'>, at[s + 1] as Port<'rotary'>];
      return sumOf(driven.is, [across.movedBehind(sumOf(driving.is, [J, moved.in])), moved.out]);
    },
    (at[0] as Port<'rotary'>).moved,
  );
  return sumOf((at[k] as Port<'rotary'>).is, [before, (transfers[k] as StageReady).moved.in]);
}

/** What moves behind stage `k`, as its driven port feels it. */
function movedBehind(at: readonly Port<'rotary'>[], transfers: readonly StageReady[], demand: WorkDemand, k: number): Moved<'rotary'> {
  const behind = transfers.slice(k + 1).reduceRight((J, { across, moved }, s) => {
    const [driving, driven] = [at[k + 1 + s] as Port<'rotary'>, at[k + 2 + s] as Port<'rotary'>];
    return sumOf(driving.is, [moved.in, across.movedBefore(sumOf(driven.is, [moved.out, J]))]);
  }, demand.moved);
  return sumOf((at[k + 1] as Port<'rotary'>).is, [(transfers[k] as StageReady).moved.out, behind]);
}

/** Effort that the work needs at each port, from the source's to the tool's. */
function effortsNeeded(steady: Effort<'rotary'>, transfers: readonly StageReady[]): Effort<'rotary'>[] {
  const efforts = [steady];
  for (const { across } of transfers.toReversed()) efforts.unshift(across.effortBefore(efforts[0] as Effort<'rotary'>));
  return efforts;
}

interface Around {
  readonly stages: readonly Opened[];
  readonly transfers: readonly StageReady[];
  readonly results: readonly StageResult[];
  readonly neededAt: readonly Effort<'rotary'>[];
  readonly demand: WorkDemand;
}

/** What the wheels on shaft `k` do to it: the driven one of the stage before it, the driving one of the stage behind. */
function actsOn({ is, top }: Port<'rotary'>, k: number, { stages, transfers, results, neededAt, demand }: Around): ActsOnShaft {
  const wheel = (at: number, end: 'in' | 'out'): WheelOnShaft[] => {
    const [result, transfer, stage] = [results[at], transfers[at], stages[at]];
    if (!result || !transfer || !stage) return [];
    const { direction } = transfer;
    const isEntered = direction?.known && direction.origin.by === 'given';
    return [{ stage: stage.path, end, pull: result.pulls[end], ...(isEntered ? { direction } : {}), slips: stage.kind.kind === 'v-belt' }];
  };
  return {
    is,
    torque: neededAt[k] as Effort<'rotary'>,
    top,
    wheels: [...wheel(k - 1, 'out'), ...wheel(k, 'in')],
    shock: demand.shock,
    atTool: neededAt.at(-1) as Effort<'rotary'>,
  };
}

function stationOf(
  line: Line,
  { is, flow, effort }: Port<'rotary'>,
  k: number,
  transfers: readonly StageReady[],
  results: readonly StageResult[],
  running: Running | null,
): StationFigures {
  const station = line.stations[k];
  return {
    id: station?.id ?? `s${k}`,
    name: station?.name ?? `shaft ${k + 1}`,
    is,
    flow,
    effort,
    power: powerAt({ is, effort, flow }),
    pull: pullOnShaft(k, transfers, results),
    running,
  };
}

/** Where the power went: what a stage loses to friction and to slip is what arrives less what leaves. */
function loses({ path, figures }: Opened, { power: P, running }: StationFigures, { efficiency: k, slip }: StageReady): void {
  const { note } = contextAt(path, stageOutputs, figures);
  note('lost-to-friction', frictionLoss({ P, k }));
  if (slip !== noSlip) note('lost-to-slip', slipLoss({ P, k, s: slip }));
  if (!running) return;
  note('running-lost-to-friction', frictionLoss({ P: running.power, k }));
  if (slip !== noSlip) note('running-lost-to-slip', slipLoss({ P: running.power, k, s: slip }));
}

/** Whether what arrives at the tool's shaft is what the work needs. */
function strongEnough({ path, figures }: Opened, source: string, { effort, name }: StationFigures, { steady, heatsAs }: WorkDemand): Check {
  const { check } = contextAt(path, workOutputs, figures);
  const part = heatsAs ? sentence(' by what heats it, and {steady} while it is at work', { steady }) : '';
  return check('carries', { has: effort as Effort<'rotary'>, needs: heatsAs ?? steady, tells: { source, shaft: name, part } });
}

/** Torque of the stalled source as the tool feels it. */
const stalledAtTool = ({ stall }: SourceOutput, transfers: readonly StageReady[]): Effort<'rotary'> =>
  transfers.reduce<Effort<'rotary'>>((effort, { across }) => across.effortBehind(effort), stall.torque);

/**
 * Whether the source gets over what the work takes for a moment. What spins helps it, so that it is close at worst; where peaks last, and a motor is chosen for them,
 * it stalls.
 */
function peaks(
  { path, figures }: Opened,
  source: string,
  shaft: string,
  stalls: Figure<'N·m'>,
  { peak, rated, peaksPass, heatsAs, steady }: WorkDemand,
): Check[] {
  if (!peak) return [];
  const { note, check } = contextAt(path, workOutputs, figures);
  const has = note('stalls-at-tool', stalls);
  const both = { has, needs: note('peak-at-tool', peak), tells: { source, shaft } };
  return [
    // What is held to its heat alone has to turn the work all the same: an engine or a person has nothing over its torque.
    ...(heatsAs ? [check('at-work', { has, needs: steady, tells: { source, shaft } })] : []),
    rated && !peaksPass ? check('stalls', both) : noWorseThanClose(check('peaks', both)),
  ];
}

/** Where hands clear it: whether it stays off, said only where it does not or where that is not known. */
function restart({ state }: Context<typeof sourceOutputs>, { restarts }: SourceOutput, { handsClear }: WorkDemand): Check[] {
  if (!handsClear || restarts === undefined || restarts === 'not by itself') return [];
  return [state('restart', restarts === 'by itself' ? { verdict: 'fails' } : { verdict: 'unknown', missing: restarts })];
}

/** Whether it turns the other way, for work that does not go without. */
function reversal({ state }: Context<typeof sourceOutputs>, { reverses }: SourceOutput, { sizing }: KindHead): Check[] {
  if (!sizing?.reverses?.must || reverses === undefined) return [];
  const { why } = sizing.reverses;
  if (typeof reverses !== 'string') return [state('reverses', { verdict: 'unknown', missing: reverses })];
  if (reverses === 'never') return [state('reverses', { verdict: 'close', tells: { why } })];
  return [state('reverses', { verdict: 'holds', tells: { why, when: reverses === 'running' ? 'by its switch, drive or valve' : 'at standstill' } })];
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
