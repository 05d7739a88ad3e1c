import type { Reach, Shelf, StageCandidate } from '../kinds/finding.js';
import type { Room } from './drive.js';
import { poor, type Weights } from './rank.js';
import type { FindRequest } from './request.js';
import { sum } from './sum.js';
import type { FindWishes } from './wishes.js';

/** All shafts in one level row; what is on one axis is centred on its shaft. */
function roomOf(stages: readonly StageCandidate[], reaches: readonly (Reach | undefined)[], ways: readonly (1 | -1)[]): Room {
  let [at, low, high, height_mm] = [0, 0, 0, 0];
  const covers = (half: number) => {
    low = Math.min(low, at - half);
    high = Math.max(high, at + half);
  };
  for (const [k, stage] of stages.entries()) {
    const reach = reaches[k];
    height_mm = Math.max(height_mm, ...stage.outside_mm);
    if (!reach) covers(stage.inline_mm / 2);
    else {
      covers(stage.outside_mm[0] / 2);
      at += reach.centres_mm * (ways[k] ?? 1);
      covers(stage.outside_mm[1] / 2);
    }
  }
  return { length_mm: high - low, height_mm, apart_mm: Math.abs(at), ways };
}

/** Ways in which stages may go: all on; folded, each but the first also back. */
function waysOf(stages: number, folded: boolean): readonly (readonly (1 | -1)[])[] {
  const row: readonly (1 | -1)[] = Array.from({ length: stages }, () => 1);
  if (!folded) return [row];
  return Array.from({ length: 2 ** Math.max(0, stages - 1) }, (_, bits) => row.map((way, k) => (k > 0 && (bits >> (k - 1)) & 1 ? -1 : way)));
}

/** Lengths of a stage in the order in which they are tried: one’s own first, then those that make it short. */
function reachesOf(stage: StageCandidate, loops: number, { own }: Shelf): readonly (Reach | undefined)[] {
  const { loop } = stage;
  if (!loop) return nothingRound;
  const byLoops = reachesFor.get(stage) ?? [];
  const known = byLoops[loops];
  if (known) return known;
  reachesFor.set(stage, byLoops);
  const pieces = loop.pieces(loops);
  const fits = loop.reaches().filter((reach) => reach.mostLoops >= loops && (reach.own < 0 || (own[reach.own]?.many ?? 0) >= pieces));
  const ordered = [...fits.filter((reach) => reach.own >= 0), ...fits.filter((reach) => reach.own < 0)];
  byLoops[loops] = ordered;
  return ordered;
}
const nothingRound: readonly undefined[] = [undefined];
/** Candidates live as long as their search. */
const reachesFor = new WeakMap<StageCandidate, (readonly Reach[])[]>();

/** How a drive is laid out: a length for each stage that has one. */
export interface Laid {
  readonly reaches: readonly (Reach | undefined)[];
  readonly room: Room;
}

/** How the stages are best laid out, by what lengths cost that are bought and by the room; null where they are not in the room that there is. */
export function layOut(
  stages: readonly StageCandidate[],
  loops: readonly number[],
  takes: readonly number[],
  request: FindRequest,
  weights: Weights,
): Laid | null {
  const { wishes, shelf } = request;
  const options = stages.map((stage, k) => {
    const all = reachesOf(stage, loops[k] as number, shelf);
    const inSlot = k === 0 && wishes.slot_mm !== null ? all.filter((reach) => reach === undefined || isInSlot(reach, wishes)) : all;
    return k === stages.length - 1 && wishes.last_mm !== null ? inSlot.filter((reach) => reach === undefined || isAtLast(reach, wishes)) : inSlot;
  });
  if (options.some((each) => each.length === 0)) return null;
  const pieces = stages.map(({ loop }, k) => loop?.pieces(loops[k] as number) ?? 0);
  return bestThatFits({ stages, options, pieces, takes }, request, weights);
}

const isInSlot = ({ slides_mm: [near, far] }: Reach, { slot_mm }: FindWishes): boolean =>
  slot_mm === null || (near >= slot_mm[0] - 0.05 && far <= slot_mm[1] + 0.05);

const isAtLast = ({ centres_mm }: Reach, { last_mm }: FindWishes): boolean =>
  last_mm === null || (centres_mm >= last_mm[0] - 0.5 && centres_mm <= last_mm[1] + 0.5);

/** At most so many ways to lay a drive out are tried. */
const mostTried = 400;

interface Layable {
  readonly stages: readonly StageCandidate[];
  readonly options: readonly (readonly (Reach | undefined)[])[];
  /** Belts or chains of each stage. */
  readonly pieces: readonly number[];
  readonly takes: readonly number[];
}

function bestThatFits({ stages, options, pieces, takes }: Layable, { wishes, shelf }: FindRequest, { cost, buy, size }: Weights): Laid | null {
  const ways = waysOf(stages.length, wishes.folded);
  const hasEnds = wishes.apart_mm !== null || wishes.folded;
  const reaches: (Reach | undefined)[] = [];
  let best: (Laid & { readonly score: number }) | null = null;
  let tried = 0;
  const isGone = (reach: Reach | undefined, k: number): boolean => {
    if (!reach || reach.own < 0) return false;
    let used = pieces[k] as number;
    for (const own of takes) if (own === reach.own) used += 1;
    for (const [j, each] of reaches.entries()) if (each?.own === reach.own) used += pieces[j] as number;
    return used > (shelf.own[reach.own]?.many ?? 0);
  };
  const bought = () => sum(reaches, (reach, k) => (reach && reach.own < 0 ? (pieces[k] as number) : 0));
  const points = () => sum(reaches, (reach, k) => (reach && reach.own < 0 ? (pieces[k] as number) * (stages[k]?.loop?.points ?? 0) : 0));
  const laid = () => {
    tried += 1;
    if (!isClear(stages, reaches)) return;
    for (const way of ways) {
      const room = roomOf(stages, reaches, way);
      if (!isIn(room, wishes)) continue;
      const score = cost * (points() / poor.points) + buy * (bought() / poor.bought) + size * ((room.length_mm * room.height_mm) / poor.room_mm2);
      if (best === null || score < best.score - 1e-12) best = { reaches: [...reaches], room, score };
    }
  };
  const deeper = (k: number): void => {
    if (k === stages.length) {
      laid();
      return;
    }
    // Without a wish for the distance the nearest shafts are best: of each belt, own and bought, the first is enough.
    const seen: number[] = [];
    for (const reach of options[k] as readonly (Reach | undefined)[]) {
      if (tried >= mostTried) return;
      const own = reach?.own ?? -1;
      if (isGone(reach, k) || (!hasEnds && seen.includes(own))) continue;
      seen.push(own);
      reaches.push(reach);
      deeper(k + 1);
      reaches.pop();
    }
  };
  deeper(0);
  return best;
}

const isIn = ({ length_mm, height_mm, apart_mm }: Room, wishes: FindWishes): boolean =>
  (wishes.length_mm === null || length_mm <= wishes.length_mm + 0.5) &&
  (wishes.height_mm === null || height_mm <= wishes.height_mm + 0.5) &&
  (wishes.apart_mm === null || (apart_mm >= wishes.apart_mm[0] - 0.5 && apart_mm <= wishes.apart_mm[1] + 0.5));

/** Open gears of neighbouring pairs must not run into each other’s shafts. */
const clear_mm = 10;

function isClear(stages: readonly StageCandidate[], reaches: readonly (Reach | undefined)[]): boolean {
  return stages.every((stage, k) => {
    const [before, here] = [stages[k - 1], reaches[k]];
    const there = reaches[k - 1];
    if (!before || !stage.isChangeGear || !before.isChangeGear || !here || !there) return true;
    return stage.outside_mm[0] / 2 + clear_mm <= there.centres_mm && before.outside_mm[1] / 2 + clear_mm <= here.centres_mm;
  });
}
