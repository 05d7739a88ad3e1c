import type { Shaft } from '../../machine/build.js';
import { type Bent, bent, type ReadyBeam, readyBeam } from '../../shafts/bent.js';
import { faultsOf, type LaidShaft } from '../../shafts/laid-shaft.js';
import { type BothBent, type Place, stressed, yieldsAtTimes } from '../../shafts/stressed.js';
import { whirls } from '../../shafts/whirl.js';
import type { Template } from './template.js';

type Numbers = Readonly<Record<string, number>>;

/** A shaft by numbers, with where it may break. */
export interface Corner {
  readonly shaft: LaidShaft;
  /** How it is bent, every way round. */
  readonly bent: readonly Bent[];
  /** Which of the ways round it is. */
  readonly way: number;
  readonly places: readonly Place[];
}

interface Kept {
  readonly alike: string;
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
  if (before?.alike === alike && Math.max(before.seen.size, before.whirl.size, before.yields.size) < mostKept) return before;
  const kept: Kept = { alike, bentAt: new Map(), seen: new Map(), whirl: new Map(), yields: new Map() };
  keptFor.set(shaft, kept);
  return kept;
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

export function corners(template: Template, of: Shaft): Corners {
  const { bentAt, seen, whirl, yields } = keptOf(of, template.alike);
  const names = Object.keys(template.from);
  const bends = names.filter((name) => name !== 'Sut' && name !== 'Sy');
  const ways = 1 << Math.min(mostOpen, template.open);
  const strong = (shaft: LaidShaft, { Sut, Sy }: Numbers): LaidShaft => ({
    ...shaft,
    metal: { ...shaft.metal, Sut_MPa: Sut ?? shaft.metal.Sut_MPa, Sy_MPa: Sy ?? shaft.metal.Sy_MPa },
  });
  return {
    at: (numbers) => {
      const key = names.map((name) => numbers[name]).join();
      const before = seen.get(key);
      if (before) return before;
      const bentBy = bends.map((name) => numbers[name]).join();
      let ready: ReadyBeam | null = null;
      const all =
        bentAt.get(bentBy) ??
        Array.from({ length: ways }, (_, way) => {
          const shaft = template.lay(numbers, way, 1);
          if (faultsOf(shaft).length > 0) return { shaft, both: null };
          // As many times as at work is as at work.
          ready ??= readyBeam(shaft, 'coarse');
          const at = bent(shaft, false, 'coarse', ready);
          return { shaft, both: at && { at, peak: at } };
        });
      bentAt.set(bentBy, all);
      // Of several ways round the one in which it is stressed most.
      const worst = all
        .map(({ shaft, both }, way): Corner => {
          const with_ = strong(shaft, numbers);
          return {
            shaft: with_,
            bent: all.flatMap((each) => each.both?.at ?? []),
            way,
            places: both ? stressed(with_, { how: template.how }, both) : [],
          };
        })
        .reduce((a, b) => ((b.places[0]?.cracks ?? Number.POSITIVE_INFINITY) < (a.places[0]?.cracks ?? Number.POSITIVE_INFINITY) ? b : a));
      seen.set(key, worst);
      return worst;
    },
    yieldsAt: (numbers) => {
      const key = names.map((name) => (name === 'Sut' ? '' : numbers[name])).join();
      const before = yields.get(key);
      if (before !== undefined) return before;
      let ready: ReadyBeam | null = null;
      const least = Array.from({ length: ways }, (_, way) => {
        const once = strong(template.lay(numbers, way, 1), numbers);
        if (faultsOf(once).length > 0) return Number.NaN;
        ready ??= readyBeam(once, 'coarse');
        return yieldsAtTimes(once, template.lay(numbers, way, 2), ready);
      }).reduce((a, b) => Math.min(a, b));
      yields.set(key, least);
      return least;
    },
    whirl: (numbers) => {
      const key = Object.values(numbers).join();
      const speed = whirl.get(key) ?? whirls(template.lay(numbers, 0, 1), 1, 'whirl')[0]?.speed_rpm ?? Number.NaN;
      whirl.set(key, speed);
      return speed;
    },
  };
}
