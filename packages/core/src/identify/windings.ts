/** A reading between two wires, Ω: the least and the most as the rotor is turned; nothing where the meter shows none (OL). */
export interface Reading {
  readonly a: string;
  readonly b: string;
  readonly ohms: readonly [number, number] | null;
}

/** Wires that are joined by windings, with what is between each two of them. */
export interface Winding {
  readonly wires: readonly string[];
  readonly between: (a: string, b: string) => readonly [number, number] | null;
}

/** What the readings of a motor look like together. */
export type Pattern = 'one' | 'equal' | 'sum' | 'halves' | 'two-apart' | 'two-alike' | 'three-alike' | 'four-alike' | 'two-halves' | 'taps' | 'mixed';

/** What a cheap meter is off by: 4 % and the two tenths of an ohm of its leads. */
const relative = 0.04;
const leads_ohm = 0.2;
/** Two readings that may be of the same size. */
export const alike = (a: number, b: number): boolean => Math.abs(a - b) <= relative * Math.max(a, b) + leads_ohm;
/** Below it a contact, a cut-out or a wire is closed: no winding. */
export const closed_ohm = 0.25;
/** Over it a reading is no winding of a motor: electronics, a capacitor that charges, dirt. */
export const most_ohm = 2_500;
/** A reading that wanders by more than so much as the rotor is turned goes through brushes. */
export const wanders = 1.1;

const mean = ([low, high]: readonly [number, number]): number => (low + high) / 2;
const key = (a: string, b: string): string => [a, b].sort().join('-');

/** The windings that the readings join, largest first. */
export function windingsOf(readings: readonly Reading[]): readonly Winding[] {
  const of = new Map<string, readonly [number, number]>();
  const joined = new Map<string, Set<string>>();
  for (const { a, b, ohms } of readings) {
    if (!ohms || mean(ohms) > most_ohm) continue;
    of.set(key(a, b), ohms);
    for (const [one, other] of [
      [a, b],
      [b, a],
    ] as const)
      joined.set(one, (joined.get(one) ?? new Set([one])).add(other));
  }
  const seen = new Set<string>();
  const windings: Winding[] = [];
  for (const start of [...joined.keys()].sort()) {
    if (seen.has(start)) continue;
    const wires = new Set([start]);
    for (const wire of wires) for (const next of joined.get(wire) ?? []) wires.add(next);
    for (const wire of wires) seen.add(wire);
    windings.push({ wires: [...wires].sort(), between: (a, b) => of.get(key(a, b)) ?? null });
  }
  return windings.sort((a, b) => b.wires.length - a.wires.length);
}

const ends = ({ wires, between }: Winding): number => {
  const [a, b] = wires;
  const reading = a !== undefined && b !== undefined ? between(a, b) : null;
  return reading ? mean(reading) : 0;
};
const isClosed = (winding: Winding): boolean => winding.wires.length === 2 && ends(winding) < closed_ohm;

/** Three wires with their three readings, the least first. */
export function threeOf({ wires, between }: Winding): { readonly least: number; readonly middle: number; readonly most: number } | null {
  const [a, b, c] = wires;
  if (wires.length !== 3 || !a || !b || !c) return null;
  const all = [between(a, b), between(b, c), between(a, c)];
  if (all.some((each) => each === null)) return null;
  const [least = 0, middle = 0, most = 0] = (all as (readonly [number, number])[]).map(mean).sort((x, y) => x - y);
  return { least, middle, most };
}

/** Whether a reading goes through brushes; not known before one was taken. */
export function doesWander(readings: readonly Reading[]): boolean | undefined {
  const taken = readings.filter(({ ohms }) => ohms && mean(ohms) <= most_ohm && mean(ohms) >= closed_ohm);
  if (taken.length === 0) return undefined;
  return taken.some(({ ohms }) => ohms && ohms[1] > wanders * ohms[0]);
}

/** What they look like together; not known before one was taken. */
export function patternOf(readings: readonly Reading[]): Pattern | undefined {
  const all = windingsOf(readings).filter((winding) => !isClosed(winding));
  const [first] = all;
  if (!first) return undefined;
  const pairs = all.filter(({ wires }) => wires.length === 2).map(ends);
  const threes = all.map(threeOf).filter((each) => each !== null);
  const same = (values: readonly number[]) => values.every((each) => alike(each, values[0] as number));
  if (all.length === pairs.length) {
    if (pairs.length === 1) return 'one';
    if (pairs.length === 2) return same(pairs) ? 'two-alike' : 'two-apart';
    if (pairs.length === 3) return same(pairs) ? 'three-alike' : 'mixed';
    return pairs.length === 4 && same(pairs) ? 'four-alike' : 'mixed';
  }
  if (threes.length === all.length && all.length === 2 && threes.every(({ least, middle }) => alike(least, middle))) return 'two-halves';
  const [three] = threes;
  // A servo has a brake, an old motor a cut-out beside its windings.
  if (three && threes.length === 1 && (all.length === 1 || pairs.length > 0)) {
    const { least, middle, most } = three;
    if (alike(least, most)) return all.length > 2 ? 'mixed' : 'equal';
    if (all.length === 1) return alike(least, middle) ? 'halves' : 'sum';
    return 'mixed';
  }
  return all.length === 1 && first.wires.length > 3 ? 'taps' : 'mixed';
}

/** A reading that cannot be true, with why. */
export interface Impossible {
  readonly wires: readonly string[];
  readonly says: string;
}

/** Three readings of one winding of which no two add up to the third, and which are not all alike: one was misread, or a wire has moved. */
export function impossibleIn(readings: readonly Reading[]): readonly Impossible[] {
  return windingsOf(readings).flatMap((winding) => {
    const three = threeOf(winding);
    if (!three) return [];
    const { least, middle, most } = three;
    const adds = alike(least + middle, most) || most < least + middle + leads_ohm;
    if (adds) return [];
    return [
      {
        wires: winding.wires,
        says: `${round(least)} Ω, ${round(middle)} Ω and ${round(most)} Ω between three wires of one winding: two should add to the third`,
      },
    ];
  });
}
const round = (ohms: number): string => `${+ohms.toPrecision(3)}`;
