import type { BoxPart } from '../drawer/part.js';
import type { Bounds, ShaftEnd, Shelf, StageCandidate } from '../kinds/finding.js';
import { finders } from './kinds.js';
import type { FindRequest } from './request.js';
import type { FindWishes } from './wishes.js';

/** Shafts that a search knows are kept as bits of one number. */
const mostShafts = 30;

/** Bores of one's own parts, each size once. */
const boresOf = ({ own }: Shelf): number[] => [
  ...new Set(own.flatMap(({ part }) => ('bore_mm' in part && part.bore_mm !== null ? [part.bore_mm] : part.is === 'gearbox' ? endsOf(part) : []))),
];
const endsOf = ({ input, output }: BoxPart): number[] => [input, output].flatMap((end) => (end?.is === 'hollow' ? [end.size_mm] : []));

/** Shafts that there may be: the two ends, those between, and the ends of boxes. */
function shaftsOf({ source, work, wishes, shelf }: FindRequest): ShaftEnd[] {
  // Where nothing is said of them: of any size, or of a size that an own part goes on.
  const between = wishes.between_mm.length > 0 ? wishes.between_mm : [null, ...boresOf(shelf)];
  const boxes = [...shelf.own.map(({ part }) => part), ...shelf.stock.boxes.map(({ part }) => part)];
  const sizes = (which: 'input' | 'output') => [
    ...new Set(boxes.flatMap((part) => (part.is === 'gearbox' && part[which] ? [part[which].size_mm] : []))),
  ];
  const all: ShaftEnd[] = [
    { of: 'source', size_mm: source.shaft_mm },
    { of: 'work', size_mm: work.shaft_mm },
    ...between.map((size_mm) => ({ of: 'between' as const, size_mm })),
    ...sizes('input').map((size_mm) => ({ of: 'box in' as const, size_mm })),
    ...sizes('output').map((size_mm) => ({ of: 'box out' as const, size_mm })),
  ];
  return all;
}

/** What may be bought by the wish; the rest is not on the shelf for this search. */
function shelfFor({ own, stock, made }: Shelf, { buy }: Pick<FindWishes, 'buy'>): Shelf {
  if (buy !== 'belts and chains' && buy !== 0) return { own, stock, made };
  const loops = buy === 0 ? { belts: {}, chains: [], timingBelts: {} } : {};
  return { own, made, stock: { ...stock, pulleys: {}, sprockets: {}, timingPulleys: {}, boxes: [], couplings: [], ...loops } };
}

const fastest = ({ speed_rpm, faster = [] }: FindRequest['work']): number => Math.max(speed_rpm[1], ...faster.map((pace) => pace.speed_rpm[1]));

/** How a stage with steps is laid out, where several speeds are wished. With one stage its first pair makes the slowest of them by itself. */
function stepsOf({ source, work: { speed_rpm, faster }, wishes }: FindRequest): Pick<Bounds, 'steps'> {
  if (!faster) return {};
  const [slow, fast] = speed_rpm;
  return {
    steps: {
      faster: faster.map((pace) => [pace.speed_rpm[0] / fast, pace.speed_rpm[1] / slow] as const),
      first: wishes.stages === 1 ? [source.speed_rpm / fast, source.speed_rpm / slow] : [0, Number.POSITIVE_INFINITY],
    },
  };
}

/** A search is begun again at every key: the stages that a shelf makes are kept for the few that were asked for last. */
const keptLists = 6;
const lists: { readonly key: string; readonly stock: Shelf['stock']; readonly candidates: readonly StageCandidate[] }[] = [];

function candidatesOf(shelf: Shelf, { kinds, buy }: FindWishes, bounds: Bounds): readonly StageCandidate[] {
  const { stock, own, made } = shelf;
  const key = JSON.stringify([own, made, kinds, buy === 'belts and chains' || buy === 0 ? buy : 'all', bounds], (_, value: unknown) =>
    typeof value === 'number' && !Number.isFinite(value) ? String(value) : value,
  );
  const at = lists.findIndex((each) => each.key === key && each.stock === stock);
  const known = at < 0 ? undefined : lists.splice(at, 1)[0];
  const of = shelfFor(shelf, { buy });
  const list = known ?? { key, stock, candidates: kinds.flatMap((kind) => finders[kind](of, bounds)) };
  lists.unshift(list);
  lists.length = Math.min(lists.length, keptLists);
  return list.candidates;
}

export interface Compiled {
  readonly request: FindRequest;
  readonly shafts: readonly ShaftEnd[];
  /** Sizes of shafts that are not looked at, since there are more than so many. */
  readonly leftOut: number;
  readonly sourceBit: number;
  readonly workBit: number;
  /** The one that steps up most, or down least, first. */
  readonly candidates: readonly StageCandidate[];
  readonly ratios: Float64Array;
  readonly lowest: number;
  readonly highest: number;
}

export function compile(request: FindRequest): Compiled {
  const { wishes, source, work } = request;
  const all = shaftsOf(request);
  const shafts = all.slice(0, mostShafts);
  const bounds: Bounds = {
    shafts,
    altering: { boreOut: wishes.boreOut, bush: wishes.bush },
    least_mm: wishes.leastWheel_mm ?? 0,
    most_mm: wishes.mostWheel_mm ?? Number.POSITIVE_INFINITY,
    shock: work.shock,
    reverse: wishes.reverse,
    ...stepsOf(request),
  };
  const made = candidatesOf(request.shelf, wishes, bounds);
  const isOneWay = oneWay(source.speed_rpm, [work.speed_rpm[0], fastest(work)]);
  const candidates = made
    .filter((each) => !(wishes.slip === 'never' && each.slips) && isRoomFor(each, wishes) && isOneWay(each))
    .sort((a, b) => a.ratio - b.ratio);
  const ratios = Float64Array.from(candidates, ({ ratio }) => ratio);
  const bit = (of: ShaftEnd['of']) => shafts.reduce((bits, shaft, k) => (shaft.of === of ? bits | (1 << k) : bits), 0);
  return {
    request,
    shafts,
    leftOut: all.length - shafts.length,
    sourceBit: bit('source'),
    workBit: bit('work'),
    candidates,
    ratios,
    lowest: ratios[0] ?? 1,
    highest: ratios.at(-1) ?? 1,
  };
}

/** How far the ratio as it is built may be off the wish by rounding alone. */
export const hair = 1e-9;

/** No stage steps up while the whole reduces, nor the other way round; change gears may. */
function oneWay(source_rpm: number, [slow, fast]: readonly [number, number]): (stage: StageCandidate) => boolean {
  const [least, most] = [source_rpm / fast, source_rpm / slow];
  return ({ nominal, isChangeGear, steps }) =>
    isChangeGear || steps !== undefined || ((least <= 1 || nominal >= 1 - hair) && (most >= 1 || nominal <= 1 + hair));
}

/** A wheel that is too high by itself is in no drive that goes into the room. */
const isRoomFor = ({ outside_mm: [a, b], inline_mm }: StageCandidate, { height_mm, length_mm }: FindWishes): boolean =>
  (height_mm === null || Math.max(a, b) <= height_mm) && (length_mm === null || Math.max(a, b, inline_mm) <= length_mm || inline_mm > 0);
