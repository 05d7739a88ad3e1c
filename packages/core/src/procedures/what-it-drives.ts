import type { Check } from '../checks/check.js';
import type { Verdict } from '../checks/verdict.js';
import type { Figure } from '../figure/figure.js';
import { type Kinds, kindHead } from '../kinds/registry.js';
import { stagesFor } from '../kinds/shared/usual-losses.js';
import type { Build, Line, Source } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { isOpen } from '../machine/open.js';
import { elementsOf } from '../machine/paths.js';
import { withSource, withStageAdded } from '../machine/reshape.js';
import { beginSizing, sizedKinds, withUsualGuessed } from '../machine/sizing.js';
import { motorStarters, startFrom } from '../machine/starters.js';
import { show, type UnitHabit } from '../quantity/show.js';
import { say, type Wording, wordingFor } from '../wording/wording.js';
import { type EvaluatedLine, evaluateLineWhere } from './evaluate-build.js';
import type { Told } from './shafts/as-before.js';
import type { Steps } from './steps.js';
import { sourceSpeed, walkLine } from './walk-line.js';

/** A motor with what feeds it and the wall it is plugged into: what is taken from one build to another. */
export interface InPlace {
  readonly source: Source;
  readonly supply: Build['supply'];
}

/** What a motor may be put to: a kind of work at its usual size, a machine as it is mostly laid out, or a build that there is. */
export type DriveTarget = { readonly kind: string } | { readonly starter: string } | { readonly id: string; readonly build: Build };

export const wouldWords = { would: 'would', just: 'just would', unknown: 'not known', not: 'would not' } as const;
export type Would = keyof typeof wouldWords;

/** Whether a motor would drive something, and why. */
export interface WouldDrive {
  /** Of a build; null for a machine that is not begun yet. */
  readonly id: string | null;
  /** Of a machine as it is mostly laid out. */
  readonly starter?: string;
  /** Whose source it would be. */
  readonly line: string;
  /** Of the work. */
  readonly kind: string;
  readonly name: string;
  readonly would: Would;
  /** What lies between: `too fast 30 times: three stages between them`. */
  readonly between: string;
  /** What decides it. */
  readonly says: string;
  /** Ratio to be put in before what is there; null where nothing is. */
  readonly ratio: number | null;
  /** Share of it that the work likely uses, 1 for all; null where that is not known. */
  readonly used: number | null;
}

/** The build that is judged and, when it is taken, begun: the work at its usual size and the motor, nothing between them yet. */
export function drivenWork(kind: string, { source, supply }: InPlace): Build {
  return withSource({ ...withUsualGuessed(beginSizing(kind)), supply }, 'main', source);
}

/**
 * A build with this motor in the place of the source of one of its lines, and a place kept for the ratio that is missing then.
 * @param ratio null where its speed fits
 * @throws RangeError when there is no such line
 */
export function drivenBuild(build: Build, line: string, { source }: InPlace, ratio: number | null): Build {
  const driven = withSource(build, line, source);
  return ratio === null ? driven : withStageAdded(driven, line, 0, 'open', { ratio: `${+ratio.toPrecision(3)}` });
}

/** What is there before the motor is in it. */
export function targetOf(target: DriveTarget, motor: InPlace): Build {
  if ('build' in target) return target.build;
  return 'kind' in target ? drivenWork(target.kind, motor) : laidOut(target.starter, motor);
}

/** At the wall that the motor is plugged into. */
const laidOut = (starter: string, { supply }: InPlace): Build => ({ ...startFrom(starter), supply });

const isAny = (kind: string): boolean => kindHead('work', kind)?.sizing?.isAny === true;

/** Every kind of work that has a usual size; of those that have none the machines that are mostly laid out with a motor. */
export const workTargets: readonly DriveTarget[] = [
  ...sizedKinds.filter(({ kind }) => !isAny(kind)).map(({ kind }) => ({ kind })),
  ...motorStarters.filter(({ work }) => isAny(work)).map(({ id }) => ({ starter: id })),
];

/**
 * Whether a motor would drive each of several, one step each; in the order in which they are told.
 * @param kinds loaded for the motor and all of the targets
 */
export function* whatItDrivesSteps(motor: InPlace, targets: readonly DriveTarget[], kinds: Kinds, units: UnitHabit): Steps<readonly WouldDrive[]> {
  const all: WouldDrive[] = [];
  const tried: Tried = { motor, kinds, units, speeds: new Map() };
  let done = 0;
  for (const target of targets) {
    all.push(...ofTarget(target, tried));
    yield ++done / targets.length;
  }
  return bestFirst(all);
}

const order: readonly Would[] = ['would', 'just', 'unknown', 'not'];

/** Those that it would drive first, of these the ones that use it best; of those that it would not the one that it nearly would. Of equals by name. */
export const bestFirst = (all: readonly WouldDrive[]): readonly WouldDrive[] =>
  [...all].sort((a, b) => {
    const use = (b.used ?? 0) - (a.used ?? 0);
    const byName = a.name < b.name ? -1 : a.name > b.name ? 1 : 0;
    return order.indexOf(a.would) - order.indexOf(b.would) || (a.would === 'not' ? -use : use) || byName;
  });

/** What is tried in all of them. */
interface Tried {
  readonly motor: InPlace;
  readonly kinds: Kinds;
  readonly units: UnitHabit;
  /** Speeds of motors by what is entered of them and of what feeds them: a shed has few different ones. */
  readonly speeds: Map<string, Figure<'rpm'>>;
}

function ofTarget(target: DriveTarget, tried: Tried): readonly WouldDrive[] {
  if ('kind' in target) return [ofWork(target.kind, tried)];
  const build = targetOf(target, tried.motor);
  const is = 'build' in target ? { id: target.id } : { id: null, starter: target.starter };
  return build.lines.map((line) => ({ ...is, ...ofLine(build, line, tried) }));
}

function ofWork(kind: string, { motor, kinds, units }: Tried): WouldDrive {
  const build = drivenWork(kind, motor);
  const line = lineOf(build, null);
  const evaluated = evaluateLineWhere(build, kinds, line.id, untilSettled(line));
  const [first, last] = endsOf(evaluated);
  return {
    id: null,
    line: line.id,
    kind,
    name: sizedKinds.find((each) => each.kind === kind)?.sizing.name ?? kind,
    between: betweenWords(first !== null && last !== null ? first / last : null, 'between them'),
    ratio: null,
    ...judged(line, evaluated, () => false, wordingFor(build, units)),
  };
}

/** Whether a check fails in a line as it is. */
type FailedBefore = (check: Check) => boolean;

/** Worked out when it matters, and no more of jam and shafts, which are the dearest, than what is looked for hangs on. */
function failedIn(build: Build, line: Line, kinds: Kinds): FailedBefore {
  const known = new Map<Told, ReadonlyMap<string, Verdict>>();
  const verdicts = (told: Told) => {
    const all = known.get(told) ?? new Map(evaluateLineWhere(build, kinds, line.id, () => told).ledger.map(({ id, verdict }) => [id, verdict]));
    known.set(told, all);
    return all;
  };
  return ({ id, at }) => {
    const without = verdicts('none');
    const isThere = without.has(id) || at === `${line.id}/source`;
    return (isThere ? without : verdicts(id.includes('/@shafts/') ? 'all' : 'in the jam')).get(id) === 'fails';
  };
}

function ofLine(build: Build, line: Line, tried: Tried): Omit<WouldDrive, 'id'> {
  const off = faster(build, line, tried);
  const ratio = off !== null && stagesFor(off) > 0 ? off : null;
  const driven = drivenBuild(build, line.id, tried.motor, ratio);
  const now = lineOf(driven, line.id);
  const evaluated = evaluateLineWhere(driven, tried.kinds, line.id, untilSettled(now));
  return {
    line: line.id,
    kind: line.work.kind,
    name: build.lines.length > 1 ? `${build.name}, ${line.name}` : build.name,
    between: off === null ? '' : betweenWords(off, 'more'),
    ratio,
    ...judged(now, evaluated, failedIn(build, line, tried.kinds), wordingFor(driven, tried.units)),
  };
}

/** All of it while nothing settles it: whether a motor is strong enough, starts and runs up hangs on neither a jam nor on shafts, and these are the dearest of a line. */
function untilSettled(line: Line): (checks: readonly Check[]) => Told {
  const isOwn = ownChecks(line);
  return (checks) => (checks.some((check) => isOwn(check) && isSettled(check)) ? 'none' : 'all');
}

/** Which checks are of a line. */
function ownChecks(line: Line): (check: Check) => boolean {
  const paths = new Set(elementsOf(line).map(({ path }) => path));
  return ({ at }) => paths.has(at);
}

/**
 * How many times as fast the tool of a build would turn with this motor in the place of its own; null where that is not known. A place in it that is kept open
 * takes up what is missing by itself.
 */
function faster(build: Build, line: Line, { motor: { source }, kinds, speeds }: Tried): number | null {
  const fills = line.stages.some((stage) => isOpen(stage) && !stage.inputs.ratio);
  if (fills) return 1;
  const speedOf = (of: Source): Figure<'rpm'> => {
    if (of === source) return sourceSpeed({ ...line, source }, kinds, build);
    const key = JSON.stringify([of.kind, of.inputs, of.feed, build.supply]);
    const speed = speeds.get(key) ?? sourceSpeed({ ...line, source: of }, kinds, build);
    speeds.set(key, speed);
    return speed;
  };
  const now = speedOf(source);
  // Nothing in its own place yet: a usual motor is taken there, and the stages are as they were chosen for it.
  const own = isOpen(line.source) ? (walkLine(line, kinds, build).stations[0]?.flow as Figure) : speedOf(line.source);
  return own?.known && own.unit === 'rpm' && own.value > 0 && now.known && now.value > 0 ? now.value / own.value : null;
}

/** Speed of the motor and of the tool, rpm; null where it is not known or no turning. */
function endsOf({ stations }: EvaluatedLine): readonly [number | null, number | null] {
  const speed = (k: number): number | null => {
    const flow = stations.at(k)?.flow;
    return flow?.known && flow.unit === 'rpm' && flow.value > 0 ? flow.value : null;
  };
  return [speed(0), speed(-1)];
}

const counted = ['', 'one stage', 'two stages', 'three stages'] as const;

function betweenWords(ratio: number | null, where: 'between them' | 'more'): string {
  if (ratio === null) return 'how fast either of them turns is not known';
  const stages = stagesFor(ratio);
  if (stages === 0) return where === 'more' ? 'its speed fits what is there' : 'its speed fits: a coupling between them';
  const off = show(Math.max(ratio, 1 / ratio), '1');
  // Five to one in a stage is usual; over three of those it may take a fourth.
  const many = `${counted[stages]}${stages === 3 && Math.max(ratio, 1 / ratio) > 125 ? ' or four' : ''} ${where}`;
  return `${ratio > 1 ? 'too fast' : 'too slow'} ${off} times: ${many}`;
}

/** Checks by which it is told whether a motor drives a thing: is it strong enough, does it start, does it run up. */
const deciding = /\/source\/check-(starts|runs-up|unloaded)$|\/work\/check-(carries|stalls)$/;

/** Whatever else fails, it would not drive it then, or that is not known. */
const isSettled = ({ id, verdict }: Check): boolean => (verdict === 'fails' || verdict === 'unknown') && deciding.test(id);

const wouldOf = { fails: 'not', unknown: 'unknown', close: 'just', holds: 'would' } as const;

/**
 * What decides it: that it is too weak, does not start or is not made for this feed; where none of that is so, what else fails with it and did not before, which
 * would have to be changed too.
 * @param failedBefore what failed without the motor is none of its doing
 */
function judged(
  line: Line,
  { ledger: checks }: EvaluatedLine,
  failedBefore: FailedBefore,
  wording: Wording,
): Pick<WouldDrive, 'would' | 'says' | 'used'> {
  const isOwn = ownChecks(line);
  const source = `${line.id}/source`;
  const own = checks.filter(isOwn);
  const strong = checks.find(({ id }) => id === `${line.id}/work/check-carries`);
  const [telling, others] = [own.filter(({ id }) => deciding.test(id)), own.filter(({ id }) => !deciding.test(id))];
  const fresh = (check: Check): boolean => check.verdict === 'fails' && !failedBefore(check);
  const worst =
    own.find((check) => (deciding.test(check.id) ? check.verdict === 'fails' : check.at === source && fresh(check))) ??
    telling.find(({ verdict }) => verdict === 'unknown') ??
    telling.find(({ verdict }) => verdict === 'close');
  const also = !worst || worst.verdict === 'close' ? others.find((check) => check.at !== source && fresh(check)) : undefined;
  const decides = also ?? worst ?? strong;
  const would: Would = !decides ? 'unknown' : decides === also ? 'just' : wouldOf[decides.verdict];
  const used = strong?.has.known && strong.needs.known && strong.has.value > 0 ? strong.needs.value / strong.has.value : null;
  return { would, says: decides ? say(decides.says, wording) : 'What the work needs is not entered.', used };
}
