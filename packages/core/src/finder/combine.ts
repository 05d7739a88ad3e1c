import type { StageCandidate } from '../kinds/finding.js';
import { type Compiled, hair } from './compile.js';
import { poor, type Weights } from './rank.js';
import { reserve } from './request.js';
import { stageId } from './stage-id.js';
import { sum } from './sum.js';

const firstAbove = (ratios: Float64Array, least: number): number => {
  let [low, high] = [0, ratios.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ratios[middle] as number) < least) low = middle + 1;
    else high = middle;
  }
  return low;
};

/** By what a score is bounded from below before a drive is laid out; nothing that is not below `worst` is looked at. */
export interface Bounding {
  readonly weights: Weights | undefined;
  worst: number;
  /** So many beginnings were passed over. */
  passed: number;
  /** So many are come by between two reports. */
  readonly stride: number;
}

/**
 * Every combination of one to so many stages whose ratio and shafts fit and that may be among the best, handed over as it comes: the array is the same each time.
 * Yields now and then how many it came by, so that it can be stopped.
 */
export function* combinations(compiled: Compiled, bounding: Bounding, visit: (stages: readonly StageCandidate[]) => void): Generator<number> {
  const { request, candidates, ratios, sourceBit, workBit } = compiled;
  const { source, work, wishes } = request;
  const [slow, fast] = work.speed_rpm;
  const [least, most] = [(source.speed_rpm / fast) * (1 - hair), (source.speed_rpm / slow) * (1 + hair)];
  const { weights } = bounding;
  const has = shares(candidates, weights);
  const behind = weights ? leastBehind(compiled, has.linear, wishes.stages - 1) : null;
  const order = has.linear.map((_, k) => k).sort((a, b) => (has.linear[a] as number) - (has.linear[b] as number) || a - b);
  const aim = (slow + fast) / 2;
  const half = Math.max((fast - slow) / 2, 1e-6 * aim);
  const loadedAt = (reserve * work.torque_Nm * 2 * Math.PI) / 60 / source.power_W;
  const pins = request.pinned ?? [];
  const allPins = (1 << pins.length) - 1;
  /** Which of the stages that have to be in it each is, a bit each. */
  const pinOf = candidates.map((each) => {
    const at = pins.length === 0 ? -1 : pins.indexOf(stageId(each, request.shelf.own));
    return at < 0 ? 0 : 1 << at;
  });
  const chosen: StageCandidate[] = [];
  let visits = 0;
  /** Of the stages that are looked for in this round: what more than one cost anyway. */
  let more = 0;

  /** Whether a beginning is no use: what it costs, buys, takes up and is loaded at least, and what is still behind it. */
  const isHopeless = (linear: number, widest: number, long: number, kept: number, n_rpm: number, rest: number): boolean => {
    if (weights === undefined || bounding.worst === Number.POSITIVE_INFINITY) return false;
    const along = wishes.folded ? widest : Math.max(widest, long);
    const score = linear + rest + more + weights.size * ((widest * along) / poor.room_mm2) + weights.load * ((loadedAt * n_rpm) / kept);
    if (score <= bounding.worst + hair) return false;
    bounding.passed += 1;
    return true;
  };
  /** Beside another stage it joins nothing that the stage would not; boxes have their own. */
  const isIdle = (each: StageCandidate, left: number) => each.kind === 'coupling' && (left > 1 || chosen.length > 0);
  /** Of several speeds exactly one stage makes them. */
  const several = work.faster !== undefined;
  const hasSteps = () => chosen.some(({ steps }) => steps !== undefined);
  const startOf = (k: number): number => (chosen.length === 0 ? (has.start[k] as number) : 0);

  const last = (reached: number, onto: number, linear: number, widest: number, long: number, kept: number, pinned: number) => {
    for (let k = firstAbove(ratios, least / reached); k < ratios.length && (ratios[k] as number) <= most / reached; k += 1) {
      visits += 1;
      const each = candidates[k] as StageCandidate;
      if ((each.inFits & onto) === 0 || (each.outFits & workBit) === 0 || isIdle(each, 1)) continue;
      if ((pinned | (pinOf[k] as number)) !== allPins) continue;
      if (several && (each.steps !== undefined) === hasSteps()) continue;
      const n = source.speed_rpm / reached / each.ratio;
      const wide = Math.max(widest, has.widest[k] as number);
      const along = long + startOf(k) + each.nearest_mm + (has.end[k] as number);
      const near = (weights?.speed ?? 0) * (Math.abs(n - aim) / half);
      if (isHopeless(linear + (has.linear[k] as number), wide, along, kept * each.kept, n, near)) continue;
      chosen.push(each);
      visit(chosen);
      chosen.pop();
    }
  };
  function* deeper(
    left: number,
    reached: number,
    onto: number,
    linear: number,
    widest: number,
    long: number,
    kept: number,
    pinned: number,
  ): Generator<number> {
    if (left === 1) return last(reached, onto, linear, widest, long, kept, pinned);
    // What the stages behind it can still make of it.
    const [from, to] = [least / reached / compiled.highest ** (left - 1), most / reached / compiled.lowest ** (left - 1)];
    for (const k of order) {
      visits += 1;
      const ratio = ratios[k] as number;
      if (ratio < from || ratio > to) continue;
      const each = candidates[k] as StageCandidate;
      const on = each.outFits & ~workBit;
      if ((each.inFits & onto) === 0 || on === 0 || isIdle(each, left)) continue;
      if (each.steps !== undefined && hasSteps()) continue;
      const pinnedNow = pinned | (pinOf[k] as number);
      if (bitsIn(allPins & ~pinnedNow) > left - 1) continue;
      const sum = linear + (has.linear[k] as number);
      const wide = Math.max(widest, has.widest[k] as number);
      const along = long + startOf(k) + each.nearest_mm;
      const rest = behind ? behind(left - 1, least / reached / ratio, most / reached / ratio) : 0;
      if (isHopeless(sum, wide, along, kept * each.kept, slow, rest)) continue;
      chosen.push(each);
      yield* deeper(left - 1, reached * ratio, on, sum, wide, along, kept * each.kept, pinnedNow);
      chosen.pop();
      if (visits >= bounding.stride) {
        yield visits;
        visits = 0;
      }
    }
  }
  for (let stages = 1; stages <= wishes.stages; stages += 1) {
    more = ((weights?.stages ?? 0) * (stages - 1)) / poor.more;
    yield* deeper(stages, 1, sourceBit, 0, 0, 0, 1, 0);
  }
  yield visits;
}

/** How many bits are set. */
function bitsIn(mask: number): number {
  let many = 0;
  for (let left = mask; left !== 0; left &= left - 1) many += 1;
  return many;
}

/** Of each candidate what it adds to a score at least: cost and parts, and what it takes up. */
function shares(candidates: readonly StageCandidate[], weights: Weights | undefined) {
  const linear = candidates.map(({ takes, loop }) => {
    const isBought = loop !== undefined && !loop.hasOwn;
    const points = sum(takes, (each) => each.points) + (isBought ? loop.points : 0);
    const bought = takes.filter(({ own, isMade }) => own < 0 && !isMade).length + (isBought ? loop.pieces(1) : 0);
    return (weights?.cost ?? 1) * (points / poor.points) + (weights?.buy ?? 1) * (bought / poor.bought);
  });
  return {
    linear,
    widest: candidates.map(({ outside_mm }) => Math.max(...outside_mm)),
    start: candidates.map(({ nearest_mm, outside_mm }) => (nearest_mm > 0 ? outside_mm[0] / 2 : 0)),
    end: candidates.map(({ nearest_mm, outside_mm }) => (nearest_mm > 0 ? outside_mm[1] / 2 : 0)),
  };
}

/** Steps of ratio, on a logarithm, in which it is known what stages cost at least. */
const steps = 200;

/**
 * What so many stages add to a score at least that together make a ratio between two: by steps of the ratio, the least of one stage, then of two as the least sum
 * over all ways to share the ratio, and so on. A step is taken too low rather than too high.
 */
function leastBehind({ ratios, lowest, highest }: Compiled, linear: readonly number[], most: number) {
  const low = Math.log(lowest);
  const width = Math.max((Math.log(highest) - low) / steps, 1e-9);
  const one = new Float64Array(steps + 2).fill(Number.POSITIVE_INFINITY);
  for (const [k, cost] of linear.entries()) {
    const at = Math.min(steps, Math.floor((Math.log(ratios[k] as number) - low) / width));
    one[at] = Math.min(one[at] as number, cost);
  }
  const all: Float64Array[] = [one];
  for (let n = 2; n <= most; n += 1) {
    const before = all[n - 2] as Float64Array;
    const next = new Float64Array(n * (steps + 1) + 1).fill(Number.POSITIVE_INFINITY);
    for (const [a, first] of before.entries()) {
      if (first === Number.POSITIVE_INFINITY) continue;
      for (const [b, second] of one.entries()) {
        // Each is rounded down: together they may be up to a step further for each stage.
        for (let more = 0; more < 2; more += 1) next[a + b + more] = Math.min(next[a + b + more] ?? Number.POSITIVE_INFINITY, first + second);
      }
    }
    all.push(next);
  }
  return (stages: number, from: number, to: number): number => {
    const of = all[stages - 1] as Float64Array;
    const first = Math.max(0, Math.floor((Math.log(from) - stages * low) / width) - 1);
    const end = Math.min(of.length - 1, Math.ceil((Math.log(to) - stages * low) / width) + 1);
    let least = Number.POSITIVE_INFINITY;
    for (let k = first; k <= end; k += 1) if ((of[k] as number) < least) least = of[k] as number;
    return least;
  };
}
