import { arcOfContact } from '../../formulas/belt/arc-of-contact.js';
import { openBeltLength } from '../../formulas/belt/open-belt-length.js';
import { centresFromLength } from '../../geometry/centres-from-length.js';
import type { Reach } from '../finding.js';

/** Least wrap on the smaller wheel (common practice, no source). */
export const leastWrap_rad = (120 / 180) * Math.PI;
/** Between the rims of two wheels (common practice, no source). */
const between_mm = 10;

interface Wheels {
  /** Pitch diameters. */
  readonly small_mm: number;
  readonly large_mm: number;
  /** Outside diameters of both. */
  readonly outside_mm: readonly [number, number];
}

/** Nearest shafts: the rims are clear of each other and the wrap is enough. */
export const nearest = ({ small_mm, large_mm, outside_mm: [a, b] }: Wheels): number =>
  // Half the difference over the sine of half the missing wrap: at 120° the difference itself.
  Math.max((a + b) / 2 + between_mm, (large_mm - small_mm) / (2 * Math.cos(leastWrap_rad / 2)));

export const wrapAt = ({ small_mm, large_mm }: Wheels, centres_mm: number): number =>
  arcOfContact.compute({ d: small_mm, D: large_mm, C: centres_mm });

/** Lengths between the nearest shafts and twice both diameters (common practice, no source). */
export function beltBounds(wheels: Wheels): readonly [number, number] {
  const { small_mm: d, large_mm: D } = wheels;
  const [near, far] = [nearest(wheels), 2 * (d + D)];
  return [openBeltLength.compute({ d, D, C: near }), openBeltLength.compute({ d, D, C: Math.max(near, far) })];
}

interface Length {
  readonly mark: string;
  readonly pitchLength_mm: number;
  readonly own: number;
  readonly mostLoops: number;
}

/** How the shafts have to move to slip a belt on and to tighten it, as shares of its length (RMA take-up rules, from memory). */
export interface TakeUp {
  readonly in: number;
  readonly out: number;
}

/** Lengths of belts on two wheels, nearest shafts first. */
export function beltReaches(wheels: Wheels, lengths: readonly Length[], takeUp: TakeUp): Reach[] {
  return lengths
    .flatMap(({ pitchLength_mm: L, mark, own, mostLoops }): Reach[] => {
      const centres_mm = centresFromLength(wheels.small_mm, wheels.large_mm, L);
      if (centres_mm === null) return [];
      const slides_mm = [centres_mm - takeUp.in * L, centres_mm + takeUp.out * L] as const;
      return [{ centres_mm, wrap_rad: wrapAt(wheels, centres_mm), mark, own, mostLoops, slides_mm }];
    })
    .sort((a, b) => a.centres_mm - b.centres_mm);
}

/** Worked out when it is first needed. */
export function once<T>(make: () => T): () => T {
  let made: { readonly is: T } | undefined;
  return () => {
    made ??= { is: make() };
    return made.is;
  };
}

/** As a length is typed: to a tenth of a millimetre. */
export const typedLength = (mm: number): string => `${Math.round(mm * 10) / 10} mm`;

/** A number as it is told in a name. */
export const told = (size: number): string => `${Math.round(size * 100) / 100}`;
