import type { OwnPart } from '../drawer/part.js';
import { type Figure, highEnd, type Known, lowEnd, unknown } from '../figure/figure.js';
import { contextAt } from '../kinds/context.js';
import type { InputFigures } from '../kinds/fields.js';
import type { Shelf, Stock } from '../kinds/finding.js';
import type { WorkDemand, WorkKind } from '../kinds/kind.js';
import type { Port } from '../kinds/ports.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build, Line } from '../machine/build.js';
import { finderFields } from '../machine/finder-fields.js';
import { lineOf } from '../machine/lines.js';
import { isOpen } from '../machine/open.js';
import { elementsOf, fieldLabel } from '../machine/paths.js';
import { feedOf, outputOf } from '../procedures/on-feed.js';
import { speedNeeded } from '../procedures/open-places.js';
import { inputFigures, type Opened, openAnew } from '../procedures/opened.js';
import { turning } from '../procedures/station-figures.js';
import { walkLine } from '../procedures/walk-line.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { type Weights, weightsBy } from './rank.js';
import type { FindRequest, Pace } from './request.js';
import { turnedDiscs, usualStock } from './usual-stock.js';
import { anyDrive, type Findable, type FindWishes } from './wishes.js';

/** The request of a build, or what is missing before anything can be looked for. */
export type Asked =
  | { readonly ok: true; readonly request: FindRequest; readonly weights: Weights }
  | { readonly ok: false; readonly missing: readonly string[]; readonly says: readonly Sentence[] };

type DriveWishes = InputFigures<typeof finderFields>;

/** What of the wishes is entered; nothing of it changes what is worked out. */
const driveOf = (build: Build): DriveWishes =>
  inputFigures('finder', { kind: 'finder', v: 1, inputs: build.finder ?? {} }, finderFields) as DriveWishes;

const numberOf = (figure: Figure): number | null => (figure.known ? figure.value : null);
const spanOf = (figure: Figure): readonly [number, number] | null => (figure.known ? [lowEnd(figure), highEnd(figure)] : null);

const allowedBy = {
  'v-belt': 'vBelts',
  'timing-belt': 'timingBelts',
  'roller-chain': 'chains',
  gearbox: 'gearboxes',
  'gear-pair': 'gears',
  coupling: 'couplings',
} as const satisfies Record<Findable, keyof DriveWishes>;

function wishesOf(build: Build, drive: DriveWishes): FindWishes {
  const { mostLength, mostHeight } = build.wishes ?? {};
  const buy = drive.buy.is;
  const most = numberOf(drive.mostBought);
  return {
    ...anyDrive,
    kinds: (Object.keys(allowedBy) as Findable[]).filter((kind) => drive[allowedBy[kind]].is !== 'no'),
    stages: numberOf(drive.stages) ?? anyDrive.stages,
    length_mm: mostLength?.value ?? null,
    height_mm: mostHeight?.value ?? null,
    folded: drive.folded.is === 'yes',
    apart_mm: spanOf(drive.apart),
    slot_mm: spanOf(drive.slot),
    last_mm: spanOf(drive.lastApart),
    between_mm: [drive.between, drive.orBetween].flatMap((figure) => numberOf(figure) ?? []),
    slip: drive.slip.is ?? 'either',
    hold: drive.holds.is === 'yes',
    quiet: drive.quiet.is === 'yes',
    reverse: drive.reverses.is === 'yes',
    leastWheel_mm: numberOf(drive.leastWheel),
    mostWheel_mm: numberOf(drive.mostWheel),
    buy: buy === 'nothing' ? 0 : buy === 'loops' ? 'belts and chains' : (most ?? 'anything'),
    points: numberOf(drive.mostPoints),
    boreOut: drive.bores.is === 'out' || drive.bores.is === 'either',
    bush: drive.bores.is === 'bush' || drive.bores.is === 'either',
  };
}

/** How much each counts to the person; what is not entered is as usual. */
const countsOf = (drive: DriveWishes): Partial<Weights> => {
  const said = {
    cost: drive.countCost,
    buy: drive.countBuy,
    stages: drive.countStages,
    speed: drive.countSpeed,
    size: drive.countSize,
    load: drive.countLoad,
    noise: drive.countNoise,
  };
  return Object.fromEntries(Object.entries(said).flatMap(([measure, figure]) => (figure.known ? [[measure, figure.value]] : [])));
};

/** Speeds that will do: between those that are wished; about the one that is, by as much as it may be off. */
function speedsOf(wishes: Build['wishes'], any: Figure<'rpm'>, off: number): readonly [number, number] | null {
  const [least, most] = [wishes?.leastSpeed?.value, wishes?.mostSpeed?.value];
  if (least !== undefined && most !== undefined && least < most) return [least, most];
  if (!any.known) return null;
  return spanAbout(any, off);
}

/** @param else_Nm torque that is needed where it cannot be told at this speed */
const paceOf = (speed_rpm: Pace['speed_rpm'], { steady, breakaway }: Pick<WorkDemand, 'steady' | 'breakaway'>, else_Nm: number): Pace => ({
  speed_rpm,
  torque_Nm: steady.known ? steady.value : else_Nm,
  start_Nm: breakaway.known ? breakaway.value : 0,
});

/** A span that is entered; about a speed alone, by as much as it may be off. */
function spanAbout(speed: Known<'rpm'>, off: number): readonly [number, number] {
  const [low, high] = [lowEnd(speed), highEnd(speed)];
  const { value } = speed;
  return high > low * (1 + off) ? [low, high] : [value * (1 - off), value * (1 + off)];
}

/** Where nothing is said of it: about a step of the stock sizes (common practice, no source). */
const usualOff = 0.06;

/** Speed of the tool as it is laid out now; at full load, as that of the source. */
function turningNow(build: Build, kinds: Kinds, line: Line): Figure<'rpm'> {
  const tool = walkLine(line, kinds, build).stations.at(-1);
  return tool ? turning(tool).speed : unknown('rpm', []);
}

/**
 * What lies between the source of a line and its work, as a request for a drive: what the source puts out, what the work needs at the speed that is wished, and
 * the wishes of the build. Nothing of the stages that are there counts.
 * @param stock what may be bought; what shops usually have when left out
 */
export function requestFor(build: Build, kinds: Kinds, line: Line, own: readonly OwnPart[], stock: Stock = usualStock): Asked {
  const opened = elementsOf(line).map((placed) => openAnew(placed, kinds));
  const [feed, source, work] = [opened[0], opened[1], opened.at(-1)] as [Opened, Opened, Opened];
  const output = outputOf(feedOf(line, feed, source, build.supply), source);
  const drive = driveOf(build);
  const kind = work.kind as WorkKind;
  // What is wished of the tool is meant of the first line.
  const wishes = line.id === lineOf(build, null).id ? build.wishes : undefined;
  const { any, aim: wished } = speedNeeded(wishes, kind, work.inputs);
  // Where nothing says how fast it should turn, it is as fast as it turns now through what is there.
  const now = wished.known || line.stages.length === 0 || line.stages.some(isOpen) ? wished : turningNow(build, kinds, line);
  const aim = now.known ? now : wished;
  const off = numberOf(drive.off) ?? usualOff;
  const first = drive.speed1.known ? drive.speed1 : aim;
  const speeds = drive.speed1.known ? spanAbout(drive.speed1, off) : speedsOf(wishes, wished.known && any.known ? any : aim, off);
  const demandAt = (at: Figure<'rpm'>) => {
    const arrives: Port<'rotary'> = { is: 'rotary', flow: at, effort: unknown('N·m', []), top: at, moved: unknown('kg·m²', []) };
    return kind.demand(work.inputs, arrives, contextAt(work.path, kind, new Map()));
  };
  const demand = demandAt(first);

  const { flow, effort, starting } = output;
  if (isOpen(line.source)) return { ok: false, missing: [source.path], says: [sentence('the motor comes first: enter what it is')] };
  if (!flow.known || !effort.known || !speeds || !demand.steady.known) {
    const missing = [...new Set([flow, effort, speeds ? flow : aim, demand.steady].flatMap((figure) => (figure.known ? [] : figure.missing)))];
    const fields = missing.map((path) => fieldLabel(build, path)).join(', ');
    return {
      ok: false,
      missing,
      says: [fields ? sentence('not entered: {fields}', { fields }) : sentence('speed or torque of motor or work cannot be told')],
    };
  }
  const others = [drive.speed2, drive.speed3, drive.speed4].flatMap((each) =>
    each.known ? paceOf(spanAbout(each, off), demandAt(each), demand.steady.known ? demand.steady.value : 0) : [],
  );
  // Slowest first, however they are entered.
  const [slowest, ...faster] = [paceOf(speeds, demand, 0), ...others].sort((a, b) => a.speed_rpm[0] - b.speed_rpm[0]) as [Pace];
  const shaft = (source.inputs as { readonly shaft?: Figure }).shaft;
  const shelf: Shelf = { own, stock, made: turnedDiscs(numberOf(drive.turned)) };
  return {
    ok: true,
    weights: weightsBy(drive.rank.is ?? 'all round', countsOf(drive)),
    request: {
      source: {
        speed_rpm: flow.value,
        power_W: (effort.value * flow.value * 2 * Math.PI) / 60,
        starts: starting.known ? starting.value / effort.value : 1,
        shaft_mm: numberOf(drive.motorShaft) ?? (shaft ? numberOf(shaft) : null),
      },
      work: {
        ...slowest,
        ...(faster.length > 0 ? { faster } : {}),
        shock: demand.shock ?? 'medium',
        shaft_mm: numberOf(drive.toolShaft),
      },
      wishes: wishesOf(build, drive),
      shelf,
    },
  };
}
