import { type Rated, type Shock, serviceFactors } from '../../catalog/service-factors.js';
import type { Bounds, From, ShaftEnd } from '../finding.js';

/** Slack of a bore on its shaft that a set screw or a key still takes up, mm (common practice, no source). */
const slack_mm = 0.1;
/** What is left of a wheel that is bored out: at most so much of its pitch diameter is bore (common practice, no source). */
const mostBore = 0.45;
/** Least difference of diameters that a bush is turned for, mm (common practice, no source). */
const leastBush_mm = 4;

interface Wheel {
  readonly own: number;
  /** Of an own wheel; null where nobody measured it. */
  readonly bore_mm: number | null;
  /** A wheel’s pitch diameter, by which it can be bored. */
  readonly pitch_mm: number;
}

/** Whether a bore of its own goes on a shaft; on one that nobody measured it may. */
export const goesOn = (bore_mm: number | null, shaft_mm: number | null): boolean =>
  bore_mm === null || shaft_mm === null || (bore_mm >= shaft_mm - 1e-6 && bore_mm - shaft_mm <= slack_mm + 1e-9);

/** On a shaft between whose size is still free go wheels that are bought; own ones go on shafts of their own size. */
const isFree = ({ of, size_mm }: ShaftEnd): boolean => of === 'between' && size_mm === null;

/** The same of one of the shafts of a search. */
export const goesOnto = (bore_mm: number | null, shaft: ShaftEnd): boolean => goesOn(bore_mm, shaft.size_mm) && (bore_mm === null || !isFree(shaft));

const driving: readonly ShaftEnd['of'][] = ['source', 'between', 'box out'];
const driven: readonly ShaftEnd['of'][] = ['work', 'between', 'box in'];

interface Fits {
  /** A bit for each of the shafts that it goes on. */
  readonly fits: number;
  /** Of those the ones for which its bore is changed. */
  readonly altered: number;
}

/** On which shafts a wheel goes that is driven, or that drives. */
function fitsOf({ own, bore_mm, pitch_mm }: Wheel, as: 'driving' | 'driven', { shafts, altering }: Bounds): Fits {
  let fits = 0;
  let altered = 0;
  for (const [k, shaft] of shafts.entries()) {
    const { of, size_mm } = shaft;
    if (!(as === 'driving' ? driving : driven).includes(of)) continue;
    const isSmallEnough = size_mm === null || size_mm <= mostBore * pitch_mm;
    if (own < 0) {
      if (isSmallEnough) fits |= 1 << k;
    } else if (goesOnto(bore_mm, shaft)) fits |= 1 << k;
    else if (size_mm !== null && bore_mm !== null) {
      const isChanged = bore_mm < size_mm ? altering.boreOut && isSmallEnough : altering.bush && bore_mm - size_mm >= leastBush_mm;
      if (isChanged) {
        fits |= 1 << k;
        altered |= 1 << k;
      }
    }
  }
  return { fits, altered };
}

/** A wheel with where it is from. */
interface Had {
  readonly from: From;
  readonly bore_mm: number | null;
  readonly pitch_mm: number;
  readonly isKeyed: boolean;
}

/** What a stage of two wheels is on its shafts; null where one of them goes on none. */
export function onShafts(driver: Had, driven: Had, bounds: Bounds) {
  const onIn = fitsOf({ ...driver, own: driver.from.own }, 'driving', bounds);
  const onOut = fitsOf({ ...driven, own: driven.from.own }, 'driven', bounds);
  if (onIn.fits === 0 || onOut.fits === 0) return null;
  return {
    takes: [driver.from, driven.from],
    inFits: onIn.fits,
    outFits: onOut.fits,
    inAltered: onIn.altered,
    outAltered: onOut.altered,
    inline_mm: 0,
    holds: false,
  };
}

/** The entries of hubs that have a keyway. */
export const keyed = (driver: Had, driven: Had): Readonly<Record<string, string>> => ({
  ...(driver.isKeyed ? { driverFixing: 'key' } : {}),
  ...(driven.isKeyed ? { drivenFixing: 'key' } : {}),
});

/** From the drawer. */
export const ownWheel = (own: number, what: string, bore_mm: number | null): From => ({ own, isMade: false, points: 0, what, bore_mm });
export const boughtWheel = (points: number, what: string): From => ({ own: -1, isMade: false, points, what });
export const madeWheel = (what: string): From => ({ own: -1, isMade: true, points: 0, what });

/** A bit for each of the shafts that are of some sort. */
export const bitsOf = ({ shafts }: Bounds, is: (shaft: ShaftEnd) => boolean): number =>
  shafts.reduce((bits, shaft, k) => (is(shaft) ? bits | (1 << k) : bits), 0);

/** Two wheels from one shelf: every pair of which no single part is both. */
export function pairsOf<W extends { readonly from: From; readonly many: number }>(wheels: readonly W[]): (readonly [W, W])[] {
  return wheels.flatMap((driver) =>
    wheels.filter((driven) => driver !== driven || driver.from.own < 0 || driver.many > 1).map((driven) => [driver, driven] as const),
  );
}

/** Service factors that a drive is laid out by: the higher one so that it holds, the lower one below which it fails even then. */
export function serviceOf(rated: Rated, shock: Shock): { readonly service: number; readonly leeway: number } {
  const [low, , high] = serviceFactors[rated].rows[shock].normal;
  return { service: high, leeway: high / low };
}
