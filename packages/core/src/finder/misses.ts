import { partOf, type Steps } from '../procedures/steps.js';
import { listed } from '../quantity/listed.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { compile } from './compile.js';
import type { Drive } from './drive.js';
import { rankedBy, searchSteps } from './find.js';
import { orders } from './rank.js';
import { type FindRequest, type Pace, pacesOf, reserve } from './request.js';
import { type Findable, type FindWishes, findable, mostStages } from './wishes.js';

/** What a wish is called that rules everything out. */
export const wishNames = {
  pinned: 'the stages that are kept',
  kinds: 'the kinds allowed',
  stages: 'the number of stages',
  'room height': 'the height of the room',
  'room length': 'the length of the room',
  'shafts apart': 'how far apart the shafts are',
  slot: 'the slot of the motor',
  'last shaft': 'how far the tool shaft is from the one before it',
  'shafts between': 'the shafts between',
  'must slip': 'that something must slip',
  'never slip': 'that nothing may slip',
  'must hold': 'that it must hold the load',
  noise: 'that it must be quiet',
  buy: 'what may be bought',
  budget: 'the cost',
  bores: 'that bores stay as they are',
  'largest wheel': 'the largest wheel',
  'smallest wheel': 'the smallest wheel',
  speeds: 'that one belt must do for all speeds',
  speed: 'the speed of the work',
  torque: 'the torque of the work',
  start: 'the torque to start the work',
} as const;
export type WishName = keyof typeof wishNames;

/** A wish that alone, let go by so much, would let something through. */
export interface Miss {
  readonly wish: WishName;
  /** So many drives would be left then; `atLeast` where the count was broken off. */
  readonly opens: number;
  readonly atLeast: boolean;
  readonly says: Sentence;
  /** The nearest drive that it lets through. */
  readonly such: Drive;
}

interface Loosening {
  readonly wish: WishName;
  readonly request: FindRequest;
  readonly score?: (drive: Drive) => number;
  readonly says: (best: Drive) => Sentence;
}

/** Combinations that are laid out, and passed by, for a wish before the count is broken off: there are a dozen wishes to try. */
const enough = { tried: 60_000, visits: 4_000_000 };

const mm = (value: number) => ({ value: Math.ceil(value), unit: 'mm' as const });
const Nm = (value: number) => ({ value, unit: 'N·m' as const });
const rpm = (value: number) => ({ value, unit: 'rpm' as const });

/** Wishes that contradict each other whatever the sizes: told before anything is searched. */
export function contradictions({ wishes, source, work, shelf }: FindRequest): Sentence[] {
  const { kinds, slip, hold, buy } = wishes;
  const mayHold = kinds.includes('gearbox');
  const paces = pacesOf(work);
  // The one that takes most.
  const powers_W = paces.map(({ speed_rpm: [slow], torque_Nm }) => (slow * torque_Nm * 2 * Math.PI) / 60);
  const power_W = Math.max(...powers_W);
  const slow = paces[powers_W.indexOf(power_W)]?.speed_rpm[0] ?? 0;
  const said: (Sentence | false)[] = [
    kinds.length === 0 && sentence('no kind of stage is allowed'),
    hold && !mayHold && sentence('nothing that is allowed holds a load: a worm that keeps less than half of the torque would, or a brake beside it'),
    slip === 'must' && !kinds.includes('v-belt') && sentence('something must slip, and of the kinds only a V-belt does: it is not allowed'),
    slip === 'never' && kinds.every((kind) => kind === 'v-belt') && sentence('nothing may slip, and only V-belts are allowed'),
    buy === 0 && shelf.own.length === 0 && sentence('nothing may be bought, and the drawer is empty'),
    paces.some(({ speed_rpm: [from, to] }) => to < from) && sentence('the fastest speed is below the slowest'),
    paces.length > 1 &&
      (!kinds.includes('v-belt') || slip === 'never') &&
      sentence('several speeds are made by a V-belt on stepped pulleys, and V-belts are not allowed'),
    paces.some(({ speed_rpm: [from] }, k) => k > 0 && from <= (paces[k - 1]?.speed_rpm[1] ?? 0)) &&
      sentence('two of the speeds overlap: a speed of its own is only one that the others do not reach'),
    power_W * reserve > source.power_W &&
      sentence('the motor is too small for this at any ratio: at {n} the work needs {P}, the motor has {has}', {
        n: rpm(slow),
        P: { value: power_W, unit: 'W' },
        has: { value: source.power_W, unit: 'W' },
      }),
  ];
  return said.filter((each) => each !== false);
}

/** Which wish rules everything out: of each what would be let through without it, the one that opens most first. Nothing where no single one does. */
export function* missesSteps(request: FindRequest): Steps<readonly Miss[]> {
  const all = loosenings(request);
  // Without weights everything is counted: what opens most is told first.
  const allRound = rankedBy(orders['all round']).score;
  const found: Miss[] = [];
  const seen = new Set<WishName>();
  for (const [k, { wish, request: loosened, score, says }] of all.entries()) {
    // Of a wish that is let go in steps the first that opens anything is told.
    if (seen.has(wish)) continue;
    const steps = searchSteps(loosened, { score: score ?? allRound }, { kept: 1, ...enough });
    const searched = yield* partOf(steps, k / all.length, (k + 1) / all.length);
    const [best] = searched.best;
    if (best) {
      seen.add(wish);
      found.push({ wish, opens: searched.met, atLeast: !searched.isCounted, says: says(best.drive), such: best.drive });
    }
    yield (k + 1) / all.length;
  }
  // With one speed in place of several it is another machine: that is told last.
  return found.sort((a, b) => Number(a.wish === 'speeds') - Number(b.wish === 'speeds') || b.opens - a.opens);
}

function loosenings(request: FindRequest): Loosening[] {
  const { wishes, work } = request;
  const wished = (patch: Partial<FindWishes>): FindRequest => ({ ...request, wishes: { ...wishes, ...patch } });
  const ofWork = (patch: Partial<FindRequest['work']>): FindRequest => ({ ...request, work: { ...work, ...patch } });
  /** How far outside of what is wished: of several the one that is furthest. */
  const off = ({ paces }: Drive) => Math.max(...pacesOf(work).map((pace, k) => outside(pace, paces[k]?.speed_rpm ?? 0)));
  const faster = work.faster ?? [];
  const eachPace = (change: (pace: Pace) => Partial<Pace>) =>
    ofWork({ ...change(work), ...(work.faster ? { faster: faster.map((pace) => ({ ...pace, ...change(pace) })) } : {}) });
  const all: (Loosening | false)[] = [
    (request.pinned ?? []).length > 0 && { wish: 'pinned', request: { ...request, pinned: [] }, says: () => sentence('with none of them kept') },
    ...(Object.keys(findable) as Findable[])
      .filter((kind) => !wishes.kinds.includes(kind))
      .map(
        (kind): Loosening => ({
          wish: 'kinds',
          request: wished({ kinds: [...wishes.kinds, kind] }),
          says: () => sentence(`with a ${findable[kind]} allowed too`),
        }),
      ),
    ...Array.from({ length: Math.max(0, mostStages - wishes.stages) }, (_, k): Loosening => {
      const stages = wishes.stages + k + 1;
      return { wish: 'stages', request: wished({ stages }), says: () => sentence(`with ${stages} stages in place of ${wishes.stages}`) };
    }).slice(0, 2),
    wishes.height_mm !== null && {
      wish: 'room height',
      request: wished({ height_mm: null }),
      score: ({ room }) => room.height_mm,
      says: ({ room }) => sentence('with {to} of height in place of {from}', { to: mm(room.height_mm), from: mm(wishes.height_mm ?? 0) }),
    },
    wishes.length_mm !== null &&
      !wishes.folded && {
        wish: 'room length',
        request: wished({ folded: true }),
        says: () => sentence('with the last shaft folded back over the first'),
      },
    wishes.length_mm !== null && {
      wish: 'room length',
      request: wished({ length_mm: null }),
      score: ({ room }) => room.length_mm,
      says: ({ room }) => sentence('with {to} of length in place of {from}', { to: mm(room.length_mm), from: mm(wishes.length_mm ?? 0) }),
    },
    wishes.apart_mm !== null && {
      wish: 'shafts apart',
      request: wished({ apart_mm: null }),
      says: ({ room }) => sentence('with the shafts {to} apart', { to: mm(room.apart_mm) }),
    },
    wishes.slot_mm !== null && {
      wish: 'slot',
      request: wished({ slot_mm: null }),
      says: ({ reaches: [first] }) => sentence('with the motor {to} from the next shaft', { to: mm(first?.centres_mm ?? 0) }),
    },
    wishes.last_mm !== null && {
      wish: 'last shaft',
      request: wished({ last_mm: null }),
      says: ({ reaches }) => sentence('with the tool shaft {to} from the one before it', { to: mm(reaches.at(-1)?.centres_mm ?? 0) }),
    },
    wishes.between_mm.length > 0 && {
      wish: 'shafts between',
      request: wished({ between_mm: [] }),
      says: () => sentence('with a shaft between of whatever size the wheels fit'),
    },
    wishes.slip === 'must' && { wish: 'must slip', request: wished({ slip: 'either' }), says: () => sentence('with nothing in it that slips') },
    wishes.slip === 'never' && { wish: 'never slip', request: wished({ slip: 'either' }), says: () => sentence('with a V-belt, which slips') },
    wishes.hold && {
      wish: 'must hold',
      request: wished({ hold: false }),
      says: () => sentence('with a brake that holds the load, since nothing in the drive does'),
    },
    wishes.quiet && { wish: 'noise', request: wished({ quiet: false }), says: () => sentence('with a chain or open gears that are heard') },
    wishes.buy !== 'anything' && {
      wish: 'buy',
      request: wished({ buy: 'anything' }),
      score: ({ bought }) => bought,
      says: ({ bought }) => sentence(`with ${bought} ${bought === 1 ? 'part' : 'parts'} bought`),
    },
    wishes.points !== null && {
      wish: 'budget',
      request: wished({ points: null }),
      score: ({ points }) => points,
      says: ({ points }) => sentence(`with a cost of ${points} points in place of ${wishes.points}`),
    },
    !(wishes.boreOut && wishes.bush) && {
      wish: 'bores',
      request: wished({ boreOut: true, bush: true }),
      says: () => sentence('with a bore that is bored out or bushed'),
    },
    wishes.mostWheel_mm !== null && {
      wish: 'largest wheel',
      request: wished({ mostWheel_mm: null }),
      score: largest,
      says: (drive) => sentence('with a wheel of {to}', { to: mm(largest(drive)) }),
    },
    wishes.leastWheel_mm !== null && {
      wish: 'smallest wheel',
      request: wished({ leastWheel_mm: null }),
      says: () => sentence('with smaller wheels'),
    },
    faster.length > 0 && {
      wish: 'speeds',
      request: { ...request, work: slowestOnly(work) },
      says: ({ speed_rpm }) => sentence('with one speed, {n}; another set of pulleys beside it makes the others', { n: rpm(speed_rpm) }),
    },
    {
      wish: 'start',
      request: eachPace(() => ({ start_Nm: 0 })),
      score: (drive) => -leastStart(drive),
      says: (drive) => sentence('if it started with {T}', { T: Nm(leastStart(drive)) }),
    },
    {
      wish: 'speed',
      request: eachPace(({ speed_rpm: [slow, fast] }) => ({ speed_rpm: faster.length > 0 ? [slow / 1.15, fast * 1.15] : [slow / 3, fast * 3] })),
      score: off,
      says: ({ paces }) =>
        sentence(`at ${listed(paces.map((_, k) => `{n${k}}`))}`, Object.fromEntries(paces.map(({ speed_rpm }, k) => [`n${k}`, rpm(speed_rpm)]))),
    },
    {
      wish: 'torque',
      request: eachPace(() => ({ torque_Nm: 0, start_Nm: 0 })),
      score: (drive) => -Math.min(leastTorque(drive) / reserve, leastStart(drive)),
      says: (drive) =>
        sentence('if the work needed {T}; or with a motor of {P}', {
          T: Nm(leastTorque(drive) / reserve),
          P: { value: request.source.power_W * Math.max(...pacesOf(work).map((pace, k) => shortBy(pace, drive.paces[k]))), unit: 'W' },
        }),
    },
  ];
  return all.filter((each) => each !== false);
}

/** Of several speeds where it has the least. */
const leastStart = ({ paces }: Drive): number => Math.min(...paces.map(({ start_Nm }) => start_Nm));
const leastTorque = ({ paces }: Drive): number => Math.min(...paces.map(({ torque_Nm }) => torque_Nm));

/** So many times the motor would do. */
const shortBy = ({ torque_Nm }: Pace, reached: Drive['paces'][number] | undefined): number =>
  reached ? (torque_Nm * reserve) / reached.torque_Nm : 0;

const slowestOnly = ({ faster: _, ...work }: FindRequest['work']): FindRequest['work'] => work;

const outside = ({ speed_rpm: [slow, fast] }: Pace, is: number): number => (is < slow ? slow / is : is / fast);

const largest = ({ stages }: Drive): number => Math.max(...stages.flatMap(({ outside_mm }) => outside_mm));

/** Where no single wish is to blame: what there is to put between, and how far it reaches. */
export function noneSays(request: FindRequest): Sentence[] {
  const { candidates, sourceBit, workBit, lowest, highest } = compile(request);
  const { source, work, wishes } = request;
  if (candidates.length === 0) return [sentence('there is nothing on the shelf and in the drawer to make a stage of')];
  const needs = { least: source.speed_rpm / work.speed_rpm[1], most: source.speed_rpm / work.speed_rpm[0] };
  const [least, most] = [lowest ** wishes.stages, highest ** wishes.stages];
  const ratio = (value: number) => ({ value, unit: '1' as const });
  const said: (Sentence | false)[] = [
    !candidates.some(({ inFits }) => (inFits & sourceBit) !== 0) && sentence('no wheel that there is goes on the shaft of the motor'),
    !candidates.some(({ outFits }) => (outFits & workBit) !== 0) && sentence('no wheel that there is goes on the shaft of the work'),
    needs.least > most &&
      sentence('the ratio is out of reach: {i} to 1 is needed, all stages together make {most} at most', {
        i: ratio(needs.least),
        most: ratio(most),
      }),
    needs.most < least &&
      sentence('the ratio is out of reach: {i} to 1 is needed, all stages together make {least} at least', {
        i: ratio(needs.most),
        least: ratio(least),
      }),
  ];
  const named = said.filter((each) => each !== false);
  return named.length > 0 ? named : [sentence('more than one wish has to change before anything is left')];
}
