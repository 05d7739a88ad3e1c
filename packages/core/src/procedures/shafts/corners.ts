import { type Figure, flag, type Known, unseenUnder } from '../../figure/figure.js';
import type { Shaft } from '../../machine/build.js';
import { type Bending, superposed } from '../../shafts/bent.js';
import { faultsOf, type LaidShaft } from '../../shafts/laid-shaft.js';
import { type BothBent, type Candidate, candidates, type Place, stressed, yieldsAtTimes } from '../../shafts/stressed.js';
import { whirls } from '../../shafts/whirl.js';
import type { Lying, Template } from './template.js';

type Numbers = Readonly<Record<string, number>>;

/** A shaft by numbers, with where it may break. */
export interface Corner {
  readonly shaft: LaidShaft;
  /** How it is bent, every way round. */
  readonly bent: readonly Bending[];
  /** Which of the ways round it is. */
  readonly way: number;
  readonly places: readonly Place[];
}

/** A shaft of one geometry: how any loads on it bend it, and where it may break. */
interface Geometry {
  readonly bend: ReturnType<typeof superposed>;
  readonly places: readonly Candidate[];
}

interface Kept {
  readonly alike: string;
  /** What does not change from corner to corner, by a short name. */
  readonly bases: Map<string, string>;
  readonly lying: Map<string, Lying>;
  readonly geometry: Map<string, Geometry>;
  readonly bentAt: Map<string, readonly { readonly shaft: LaidShaft; readonly both: BothBent | null }[]>;
  readonly seen: Map<string, Corner>;
  readonly whirl: Map<string, number>;
  readonly yields: Map<string, number>;
}

/** A shaft that nobody touched is not bent anew at every key, while the same pulls on it. */
const keptFor = new WeakMap<Shaft, Kept>();
/** Numbers of one shaft that are kept, at most. */
const mostKept = 400;

function keptOf(shaft: Shaft, alike: string): Kept {
  const before = keptFor.get(shaft);
  // What is kept goes by the short names of its bases: they go together.
  if (before?.alike === alike && before.bases.size <= mostKept) {
    for (const kept of [before.lying, before.geometry, before.bentAt, before.seen, before.whirl, before.yields])
      if (kept.size > mostKept) kept.clear();
    return before;
  }
  const kept: Kept = {
    alike,
    bases: new Map(),
    lying: new Map(),
    geometry: new Map(),
    bentAt: new Map(),
    seen: new Map(),
    whirl: new Map(),
    yields: new Map(),
  };
  keptFor.set(shaft, kept);
  return kept;
}

/** What was made of a shaft for the same figures, whichever evaluation they are of. */
const madeFor = new WeakMap<Shaft, Map<string, unknown>>();
/** So many sets of figures are kept of a shaft: one for every setting. */
const mostMade = 24;

/** By values, ends, flags and where they come from: figures that are alike are judged alike. */
const signature = (figures: Readonly<Record<string, Figure>>): string =>
  Object.entries(figures)
    .map(([name, each]) => {
      if (!each.known) return `${name} ?${each.missing}`;
      const { value, low, high, flags, unseenLow, unseenHigh, origin } = each;
      return [name, value, low, high, flags, unseenLow, unseenHigh, origin.by, ...(flags & flag.unseen ? unseenUnder(each) : [])].join(' ');
    })
    .join('\n');

/**
 * Made once while nothing that it is made of changes: the same object then. Not for what is held against figures of another making: what they have in common is found by
 * their being the same object.
 * @param what name of what is made, with all else that it hangs on
 */
export function madeOnce<M>(of: Shaft, { from, top, alike, torque }: Template, what: string, make: () => M): M {
  const key = `${what}\n${alike}\n${signature({ ...from, 'top of it': top, 'torque of it': torque })}`;
  const made = madeFor.get(of) ?? new Map<string, unknown>();
  madeFor.set(of, made);
  if (made.has(key)) return made.get(key) as M;
  if (made.size >= mostMade) made.delete(made.keys().next().value as string);
  const now = make();
  made.set(key, now);
  return now;
}

/** What is worked out of a shaft by numbers; the same numbers are worked out once. */
export interface Corners {
  /** At work. How a shaft is bent hangs on neither strength of its metal: what was bent once is not bent again for another. */
  readonly at: (numbers: Numbers) => Corner;
  /** At how many times the torque of work it stays bent or twisted. */
  readonly yieldsAt: (numbers: Numbers) => number;
  /** Speed of its lowest whirl, rpm. */
  readonly whirl: (numbers: Numbers) => number;
}

/** Ways round are tried up to so many at most: of more wheels those beyond pull one way. */
const mostOpen = 4;

/** What of its figures moves nothing, and only pulls, turns or weighs. */
const loading = / (pull|force|peak|torque|kg|unbalance)$|^(top|Sut|Sy)$/;

type Key = (numbers: Numbers) => string;

/** A key of numbers, made thousands of times: of what has a range its value, of all else only what is not as it was. */
function keysOf(from: Template['from'], bases: Map<string, string>): (names: readonly string[]) => Key {
  const isRanged = (name: string) => from[name]?.known === true && (from[name] as Known).low !== undefined;
  return (names) => {
    const moving = names.filter(isRanged);
    const kept = names.flatMap((name) => {
      const figure = from[name];
      return figure?.known && !isRanged(name) ? [[name, figure.value] as const] : [];
    });
    const whole = kept.map(([name, value]) => `${name} ${value}`).join();
    const base = bases.get(whole) ?? String(bases.size);
    bases.set(whole, base);
    return (numbers) => {
      let key = base;
      for (const name of moving) key += ` ${numbers[name]}`;
      for (const [name, value] of kept) if (numbers[name] !== value) key += ` ${name}=${numbers[name]}`;
      return key;
    };
  };
}

/** Of a template the same ones: they go by its shaft. */
const cornersOf = new WeakMap<Template, Corners>();

export function corners(template: Template, of: Shaft): Corners {
  const known = cornersOf.get(template);
  if (known) return known;
  const made = makeCorners(template, of);
  cornersOf.set(template, made);
  return made;
}

function makeCorners(template: Template, of: Shaft): Corners {
  const { bases, lying, geometry, bentAt, seen, whirl, yields } = keptOf(of, template.alike);
  const names = Object.keys(template.from);
  const bends = names.filter((name) => name !== 'Sut' && name !== 'Sy');
  const lies = names.filter((name) => !loading.test(name));
  // What sits on it weighs nothing for how it is bent by a newton, and slows its whirl.
  const whirling = names.filter((name) => !loading.test(name) || name.endsWith(' kg'));
  const keyed = keysOf(template.from, bases);
  const keyOf = {
    all: keyed(names),
    bent: keyed(bends),
    lying: keyed(lies),
    whirl: keyed(whirling),
    yields: keyed(names.filter((name) => name !== 'Sut')),
  };
  /** However many times and whichever way it is loaded, it lies the same. */
  const layer = (numbers: Numbers): ((way: number, times: number) => LaidShaft) => {
    const key = keyOf.lying(numbers);
    const lie = lying.get(key) ?? template.lies(numbers);
    lying.set(key, lie);
    return (way, times) => template.lay(numbers, way, times, lie);
  };
  const geometryOf = (numbers: Numbers, shaft: LaidShaft): Geometry => {
    // Where the tool takes out what is left of the torque there is one load more.
    const key = `${keyOf.lying(numbers)} ${shaft.loads.length}`;
    const before = geometry.get(key);
    if (before) return before;
    const bend = faultsOf(shaft).length > 0 ? null : superposed(shaft, 'coarse');
    const places = bend ? candidates(shaft, bend(shaft.loads, false).at_mm) : [];
    const now = { bend, places };
    geometry.set(key, now);
    return now;
  };
  const ways = 1 << Math.min(mostOpen, template.open);
  const bentEveryWay = (numbers: Numbers) => {
    const lay = layer(numbers);
    return Array.from({ length: ways }, (_, way) => {
      const shaft = lay(way, 1);
      // As many times as at work is as at work.
      const at = geometryOf(numbers, shaft).bend?.(shaft.loads, false);
      return { shaft, both: at ? { at, peak: at } : null };
    });
  };
  const strong = (shaft: LaidShaft, { Sut, Sy }: Numbers): LaidShaft => ({
    ...shaft,
    metal: { ...shaft.metal, Sut_MPa: Sut ?? shaft.metal.Sut_MPa, Sy_MPa: Sy ?? shaft.metal.Sy_MPa },
  });
  return {
    at: (numbers) => {
      const key = keyOf.all(numbers);
      const before = seen.get(key);
      if (before) return before;
      const bentBy = keyOf.bent(numbers);
      const everyWay = bentAt.get(bentBy) ?? bentEveryWay(numbers);
      bentAt.set(bentBy, everyWay);
      // Of several ways round the one in which it is stressed most.
      const worst = everyWay
        .map(({ shaft, both }, way): Corner => {
          const with_ = strong(shaft, numbers);
          return {
            shaft: with_,
            bent: everyWay.flatMap((each) => each.both?.at ?? []),
            way,
            places: both ? stressed(with_, { how: template.how }, both, geometryOf(numbers, shaft).places) : [],
          };
        })
        .reduce((a, b) => ((b.places[0]?.cracks ?? Number.POSITIVE_INFINITY) < (a.places[0]?.cracks ?? Number.POSITIVE_INFINITY) ? b : a));
      seen.set(key, worst);
      return worst;
    },
    yieldsAt: (numbers) => {
      const key = keyOf.yields(numbers);
      const before = yields.get(key);
      if (before !== undefined) return before;
      const lay = layer(numbers);
      const least = Array.from({ length: ways }, (_, way) => {
        const [once, twice] = [lay(way, 1), lay(way, 2)];
        const { bend, places } = geometryOf(numbers, once);
        return bend ? yieldsAtTimes(strong(once, numbers), bend(once.loads, true), bend(twice.loads, true), places) : Number.NaN;
      }).reduce((a, b) => Math.min(a, b));
      yields.set(key, least);
      return least;
    },
    whirl: (numbers) => {
      const key = keyOf.whirl(numbers);
      const speed = whirl.get(key) ?? whirls(layer(numbers)(0, 1), 1, 'whirl')[0]?.speed_rpm ?? Number.NaN;
      whirl.set(key, speed);
      return speed;
    },
  };
}
