import type { From, Reach, ShaftEnd, Shelf, StageCandidate, Step } from '../kinds/finding.js';
import { type Compiled, hair } from './compile.js';
import type { Drive, Reached } from './drive.js';
import { layOut } from './lay-out.js';
import { orders, type Weights } from './rank.js';
import { type FindRequest, type Pace, pacesOf, reserve } from './request.js';
import { sum } from './sum.js';

/**
 * The drive that a combination makes, or null where the plain rules forbid it.
 * @param weights by which it is laid out: belts that are bought against room
 */
export function driveOf(stages: readonly StageCandidate[], compiled: Compiled, weights: Weights = orders['all round']): Drive | null {
  const { request, shafts } = compiled;
  const { source, work, wishes, shelf } = request;
  if (wishes.slip === 'must' && !stages.some(({ slips }) => slips)) return null;
  if (wishes.hold) {
    const holds = stages.findIndex((stage) => stage.holds);
    if (holds < 0 || stages.slice(holds + 1).some(({ slips }) => slips)) return null;
  }
  const takes = stages.flatMap((stage) => stage.takes.flatMap(({ own }) => (own < 0 ? [] : [own])));
  if (isTakenTwice(takes, shelf)) return null;

  const loads = loadsOf(stages, request);
  if (!loads) return null;
  const { loops, paces, loaded, loadedBy, isLoud } = loads;
  const [{ speed_rpm, torque_Nm, start_Nm, speeds_rpm }] = paces as [Loaded];

  const laid = layOut(stages, loops, takes, request, weights);
  if (!laid) return null;
  const { reaches, room } = laid;
  const gone = [
    ...takes,
    ...reaches.flatMap((reach, k) => (reach && reach.own >= 0 ? repeated(reach.own, stages[k]?.loop?.pieces(loops[k] as number) ?? 1) : [])),
  ];
  const from = stages.flatMap((stage) => stage.takes);
  const bought =
    from.filter(({ own, isMade }) => own < 0 && !isMade).length + sum(stages, (stage, k) => boughtLoops(stage, loops[k] as number, reaches[k]));
  const points =
    sum(from, (each: From) => each.points) +
    sum(stages, (stage, k) => boughtLoops(stage, loops[k] as number, reaches[k]) * (stage.loop?.points ?? 0));
  if (typeof wishes.buy === 'number' && bought > wishes.buy) return null;
  if (wishes.points !== null && points > wishes.points) return null;
  const on = shaftsOn(stages, shafts, source.shaft_mm, work.shaft_mm);
  const made = from.filter(({ isMade }) => isMade).length;
  return {
    stages: [...stages],
    loops,
    reaches,
    shafts_mm: on,
    room,
    speed_rpm,
    speeds_rpm,
    torque_Nm,
    start_Nm,
    paces,
    off: offOf(paces, work),
    isLoud,
    loaded,
    loadedBy,
    bought,
    own: takes.length,
    made,
    points,
    takes: gone,
  };
}

/** What a drive does at one of its speeds. */
interface Loaded extends Reached {
  readonly speeds_rpm: readonly number[];
  /** Largest share of a limit that is in use, and of which. */
  readonly loaded: number;
  readonly loadedBy: Drive['loadedBy'];
}

/** The pair that runs at a speed: of a stage without steps itself. */
const pairOf = (stage: StageCandidate, step: number): Step | StageCandidate => stage.steps?.[step] ?? stage;

interface Loads {
  /** Belts side by side of each stage, as many as the heaviest of its speeds takes. */
  readonly loops: readonly number[];
  readonly paces: readonly Loaded[];
  readonly loaded: number;
  readonly loadedBy: Drive['loadedBy'];
  readonly isLoud: boolean;
}

/** What a row of stages does at every speed, or null where one of them is not met. */
function loadsOf(stages: readonly StageCandidate[], request: FindRequest): Loads | null {
  const { wishes } = request;
  const wanted = pacesOf(request.work);
  if (wanted.length > 1 && !wanted.every((pace, step) => isAtPace(stages, step, pace, request))) return null;
  const loops: number[] = new Array(stages.length).fill(1);
  /** A smaller one would do for each of them. */
  const isTooLarge: boolean[] = stages.map(({ smaller }) => smaller !== undefined);
  let paces: Loaded[] = [];
  // What one speed needs more belts for is there at the others too.
  for (let before = -1, many = stages.length; before !== many; before = many, many = sum(loops, (each) => each)) {
    paces = [];
    for (const [step, pace] of wanted.entries()) {
      const loaded = loadedAt(stages, step, pace, request, loops, isTooLarge);
      if (!loaded) return null;
      paces.push(loaded);
    }
    if (wanted.length === 1) break;
  }
  if (isTooLarge.some(Boolean)) return null;
  const isLoud = paces.some(({ speeds_rpm }) => stages.some((stage, k) => isHeard(stage, speeds_rpm, k)));
  if (wishes.quiet && isLoud) return null;
  const { loaded, loadedBy } = paces.reduce((a, b) => (b.loaded > a.loaded ? b : a));
  return { loops, paces, loaded, loadedBy, isLoud };
}

const isHeard = ({ loudAbove_rpm: loud }: StageCandidate, speeds_rpm: readonly number[], k: number): boolean =>
  loud !== null && Math.max(speeds_rpm[k] as number, speeds_rpm[k + 1] as number) > loud;

/** Whether the last shaft turns as it is wished with the belts on a step. */
function isAtPace(stages: readonly StageCandidate[], step: number, { speed_rpm: [slow, fast] }: Pace, { source }: FindRequest): boolean {
  let speed_rpm = source.speed_rpm;
  for (const stage of stages) speed_rpm /= pairOf(stage, step).ratio;
  return speed_rpm >= slow * (1 - 10 * hair) && speed_rpm <= fast * (1 + 10 * hair);
}

/** @param loops belts side by side, which become as many as this speed takes; isTooLarge loses its mark where a smaller one would not do */
function loadedAt(
  stages: readonly StageCandidate[],
  step: number,
  { torque_Nm: needs_Nm, start_Nm: breaks_Nm }: Pace,
  { source }: FindRequest,
  loops: number[],
  isTooLarge: boolean[],
): Loaded | null {
  const speeds_rpm = [source.speed_rpm];
  for (const [k, stage] of stages.entries()) speeds_rpm.push((speeds_rpm[k] as number) / pairOf(stage, step).ratio);
  const speed_rpm = speeds_rpm.at(-1) as number;

  // Torque: what reaches the work, at speed and at rest.
  const kept = stages.reduce((all, stage) => all * stage.kept, 1);
  const keptAtRest = stages.reduce((all, stage) => all * stage.keptAtRest, 1);
  const full_Nm = (source.power_W * 60) / (2 * Math.PI * source.speed_rpm);
  const torque_Nm = full_Nm * (source.speed_rpm / speed_rpm) * kept;
  const start_Nm = source.starts * full_Nm * (source.speed_rpm / speed_rpm) * keptAtRest;
  if (torque_Nm < reserve * needs_Nm || start_Nm < breaks_Nm) return null;

  // Power back up the line, and how many belts that takes.
  const shares = { running: (reserve * needs_Nm) / torque_Nm, starting: breaks_Nm / start_Nm };
  let loadedBy: Drive['loadedBy'] = shares.starting > shares.running ? 'starting' : 'running';
  let loaded = shares[loadedBy];
  let power_W = (needs_Nm * speed_rpm * 2 * Math.PI) / 60;
  for (let k = stages.length - 1; k >= 0; k -= 1) {
    const stage = stages[k] as StageCandidate;
    const pair = pairOf(stage, step);
    const n = speeds_rpm[k] as number;
    // Slip is a loss of speed, which the driving shaft makes up.
    power_W = (power_W / stage.kept) * (pair.ratio / pair.nominal);
    const most = stage.loop?.most ?? 1;
    let many = loops[k] as number;
    while (many < most && pair.passes_W(n, many) < power_W) many += 1;
    const passes_W = pair.passes_W(n, many);
    // Nothing at all: it must not run so, however little it has to do.
    if (!(passes_W > 0) || passes_W * stage.leeway < power_W) return null;
    if (stage.smaller && stage.smaller.passes_W(n, 1) < power_W) isTooLarge[k] = false;
    loops[k] = many;
    const share = power_W / passes_W;
    if (share > loaded) [loaded, loadedBy] = [share, k];
  }
  return { speed_rpm, speeds_rpm, torque_Nm, start_Nm, loaded, loadedBy };
}

/** How far the speeds are off the middle of their wishes, in halves of them, at most. */
const offOf = (paces: readonly Reached[], work: FindRequest['work']): number =>
  pacesOf(work).reduce((most, { speed_rpm: [slow, fast] }, k) => {
    const aim = (slow + fast) / 2;
    const half = Math.max((fast - slow) / 2, 1e-6 * aim);
    return Math.max(most, Math.abs((paces[k]?.speed_rpm ?? aim) - aim) / half);
  }, 0);

const repeated = (own: number, times: number): number[] => Array.from({ length: times }, () => own);

const boughtLoops = ({ loop }: StageCandidate, loops: number, reach: Reach | undefined): number =>
  loop && reach && reach.own < 0 ? loop.pieces(loops) : 0;

function isTakenTwice(takes: readonly number[], { own }: Shelf): boolean {
  for (let k = 1; k < takes.length; k += 1) {
    const part = takes[k] as number;
    let many = 1;
    for (let j = 0; j < k; j += 1) if (takes[j] === part) many += 1;
    if (many > 1 && many > (own[part]?.many ?? 0)) return true;
  }
  return false;
}

/** Shafts between that both wheels go on: those for which the fewest bores have to be changed, the first of them. */
function shaftsOn(stages: readonly StageCandidate[], shafts: readonly ShaftEnd[], first: number | null, last: number | null): (number | null)[] {
  const between = stages.slice(1).map((stage, k) => {
    const before = stages[k] as StageCandidate;
    const both = before.outFits & stage.inFits;
    const bits = both & ~(before.outAltered | stage.inAltered) || both & ~(before.outAltered & stage.inAltered) || both;
    return shafts.find((_, bit) => bits & (1 << bit))?.size_mm ?? null;
  });
  return [first, ...between, last];
}
