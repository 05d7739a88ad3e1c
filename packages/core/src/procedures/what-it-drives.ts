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
import { type Evaluation, evaluateBuild } from './evaluate-build.js';
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
  let done = 0;
  for (const target of targets) {
    all.push(...ofTarget(target, motor, kinds, units));
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

function ofTarget(target: DriveTarget, motor: InPlace, kinds: Kinds, units: UnitHabit): readonly WouldDrive[] {
  if ('kind' in target) return [ofWork(target.kind, motor, kinds, units)];
  const build = targetOf(target, motor);
  const is = 'build' in target ? { id: target.id } : { id: null, starter: target.starter };
  const before = failedIn(build, kinds);
  return build.lines.map((line) => ({ ...is, ...ofLine(build, line, motor, kinds, units, before) }));
}

function ofWork(kind: string, motor: InPlace, kinds: Kinds, units: UnitHabit): WouldDrive {
  const build = drivenWork(kind, motor);
  const line = lineOf(build, null);
  const evaluation = evaluateBuild(build, kinds);
  const [first, last] = endsOf(evaluation, line);
  const { isSure: _, ...is } = judged(line, evaluation, () => new Set(), wordingFor(build, units));
  return {
    id: null,
    line: line.id,
    kind,
    name: sizedKinds.find((each) => each.kind === kind)?.sizing.name ?? kind,
    between: betweenWords(first !== null && last !== null ? first / last : null, 'between them'),
    ratio: null,
    ...is,
  };
}

/** What fails in a build as it is, by the ids of its checks: worked out when it matters, once for all of its lines. */
type FailedIn = (isWhole: boolean) => ReadonlySet<string>;

function failedIn(build: Build, kinds: Kinds): FailedIn {
  const kept = new Map<boolean, ReadonlySet<string>>();
  return (isWhole) => {
    const now = kept.get(isWhole) ?? failing(evaluateBuild(isWhole ? build : withoutShafts(build), kinds));
    kept.set(isWhole, now);
    return now;
  };
}

const failing = ({ checks }: Evaluation): ReadonlySet<string> => new Set(checks.flatMap(({ id, verdict }) => (verdict === 'fails' ? [id] : [])));

/** Its shafts are the dearest of a build, and whether a motor is strong enough, starts and runs up hangs on none of them. */
const withoutShafts = (build: Build): Build => (build.shafts.length === 0 ? build : { ...build, shafts: [], forces: [] });

function ofLine(build: Build, line: Line, motor: InPlace, kinds: Kinds, units: UnitHabit, failedBefore: FailedIn): Omit<WouldDrive, 'id'> {
  const off = faster(build, line, motor, kinds);
  const ratio = off !== null && stagesFor(off) > 0 ? off : null;
  const driven = drivenBuild(build, line.id, motor, ratio);
  const judgedAs = (isWhole: boolean) => {
    const tried = isWhole ? driven : withoutShafts(driven);
    return judged(lineOf(tried, line.id), evaluateBuild(tried, kinds), () => failedBefore(isWhole), wordingFor(tried, units), isWhole);
  };
  const hasNone = driven.shafts.length === 0;
  const soon = judgedAs(hasNone);
  const { isSure: _, ...is } = soon.isSure || hasNone ? soon : judgedAs(true);
  return {
    line: line.id,
    kind: line.work.kind,
    name: build.lines.length > 1 ? `${build.name}, ${line.name}` : build.name,
    between: off === null ? '' : betweenWords(off, 'more'),
    ratio,
    ...is,
  };
}

/**
 * How many times as fast the tool of a build would turn with this motor in the place of its own; null where that is not known. A place in it that is kept open
 * takes up what is missing by itself.
 */
function faster(build: Build, line: Line, { source }: InPlace, kinds: Kinds): number | null {
  const fills = line.stages.some((stage) => isOpen(stage) && !stage.inputs.ratio);
  if (fills) return 1;
  const now = sourceSpeed({ ...line, source }, kinds, build);
  // Nothing in its own place yet: a usual motor is taken there, and the stages are as they were chosen for it.
  const own = isOpen(line.source) ? (walkLine(line, kinds, build).stations[0]?.flow as Figure) : sourceSpeed(line, kinds, build);
  return own?.known && own.unit === 'rpm' && own.value > 0 && now.known && now.value > 0 ? now.value / own.value : null;
}

/** Speed of the motor and of the tool, rpm; null where it is not known or no turning. */
function endsOf({ lines }: Evaluation, line: Line): readonly [number | null, number | null] {
  const stations = lines.find(({ id }) => id === line.id)?.stations ?? [];
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

const wouldOf = { fails: 'not', unknown: 'unknown', close: 'just', holds: 'would' } as const;

/**
 * What decides it: that it is too weak, does not start or is not made for this feed; where none of that is so, what else fails with it and did not before, which
 * would have to be changed too.
 * @param failedBefore what failed without the motor is none of its doing
 * @param isWhole whether it is looked for what else fails
 * @returns with whether it is sure whatever else fails: it would not, or is not known
 */
function judged(
  line: Line,
  { checks }: Evaluation,
  failedBefore: () => ReadonlySet<string>,
  wording: Wording,
  isWhole = true,
): Pick<WouldDrive, 'would' | 'says' | 'used'> & { readonly isSure: boolean } {
  const own = new Set(elementsOf(line).map(({ path }) => path));
  const source = `${line.id}/source`;
  const strong = checks.find(({ id }) => id === `${line.id}/work/check-carries`);
  const fails = checks.filter(({ at, id, verdict }) => own.has(at) && (isWhole || at === source) && verdict === 'fails' && !deciding.test(id));
  const failed = fails.length > 0 ? failedBefore() : new Set();
  const fresh = fails.filter(({ id }) => !failed.has(id));
  const telling = checks.filter((check) => (own.has(check.at) && deciding.test(check.id)) || (fresh.includes(check) && check.at === source));
  const worst = (['fails', 'unknown', 'close'] as const).map((verdict) => telling.find((check) => check.verdict === verdict)).find(Boolean);
  const also = fresh.find(({ at }) => at !== source);
  const decides = (worst?.verdict === 'close' ? (also ?? worst) : (worst ?? also)) ?? strong;
  const would: Would = !decides ? 'unknown' : decides === also ? 'just' : wouldOf[decides.verdict];
  const used = strong?.has.known && strong.needs.known && strong.has.value > 0 ? strong.needs.value / strong.has.value : null;
  const isSure = worst !== undefined && worst.verdict !== 'close';
  return { would, says: decides ? say(decides.says, wording) : 'What the work needs is not entered.', used, isSure };
}
