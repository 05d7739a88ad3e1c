import type { From, Reach, ShaftEnd, Shelf, StageCandidate } from '../kinds/finding.js';
import type { Compiled } from './compile.js';
import type { Drive } from './drive.js';
import { layOut } from './lay-out.js';
import { orders, type Weights } from './rank.js';
import { reserve } from './request.js';
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

  // Speeds down the line.
  const speeds = [source.speed_rpm];
  for (const [k, { ratio }] of stages.entries()) speeds.push((speeds[k] as number) / ratio);
  const speed_rpm = speeds.at(-1) as number;
  if (wishes.quiet && stages.some(({ loudAbove_rpm: loud }, k) => loud !== null && Math.max(speeds[k] as number, speeds[k + 1] as number) > loud))
    return null;

  // Torque: what reaches the work, at speed and at rest.
  const kept = stages.reduce((all, stage) => all * stage.kept, 1);
  const keptAtRest = stages.reduce((all, stage) => all * stage.keptAtRest, 1);
  const full_Nm = (source.power_W * 60) / (2 * Math.PI * source.speed_rpm);
  const torque_Nm = full_Nm * (source.speed_rpm / speed_rpm) * kept;
  const start_Nm = source.starts * full_Nm * (source.speed_rpm / speed_rpm) * keptAtRest;
  if (torque_Nm < reserve * work.torque_Nm || start_Nm < work.start_Nm) return null;

  // Power back up the line, and how many belts that takes.
  const shares = { running: (reserve * work.torque_Nm) / torque_Nm, starting: work.start_Nm / start_Nm };
  let loadedBy: Drive['loadedBy'] = shares.starting > shares.running ? 'starting' : 'running';
  let loaded = shares[loadedBy];
  let power_W = (work.torque_Nm * speed_rpm * 2 * Math.PI) / 60;
  const loops: number[] = new Array(stages.length);
  for (let k = stages.length - 1; k >= 0; k -= 1) {
    const stage = stages[k] as StageCandidate;
    // Slip is a loss of speed, which the driving shaft makes up.
    power_W = (power_W / stage.kept) * (stage.ratio / stage.nominal);
    const most = stage.loop?.most ?? 1;
    let many = 1;
    while (many < most && stage.passes_W(speeds[k] as number, many) < power_W) many += 1;
    const passes_W = stage.passes_W(speeds[k] as number, many);
    // Nothing at all: it must not run so, however little it has to do.
    if (!(passes_W > 0) || passes_W * stage.leeway < power_W) return null;
    if (stage.smaller && stage.smaller.passes_W(speeds[k] as number, 1) >= power_W) return null;
    loops[k] = many;
    const share = power_W / passes_W;
    if (share > loaded) [loaded, loadedBy] = [share, k];
  }

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
    speeds_rpm: speeds,
    torque_Nm,
    start_Nm,
    loaded,
    loadedBy,
    bought,
    own: takes.length,
    made,
    points,
    takes: gone,
  };
}

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
