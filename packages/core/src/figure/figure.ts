import type { Unit } from '../quantity/quantities.js';
import type { Sentence } from '../wording/sentence.js';

/** Path of a field in a build: `main/source/power`. */
export type FieldPath = string;

/**
 * Marks of a figure. All but `searched` go upward to everything worked out from it; that one only says how its own range was found. `unseen` is the mark of a
 * band that looking would narrow: a guess, a choice that was not made, a field whose usual range is wide only because nobody looked. A band without it is scatter.
 */
export const flag = { outsideValid: 1, guessed: 2, estimated: 4, searched: 8, unseen: 16 } as const;

/** The marks that go upward. */
export const carried = flag.outsideValid | flag.guessed | flag.estimated | flag.unseen;

/** How a figure is worked out anew from other parts. */
type Anew<Parts> = (parts: Parts) => Figure | null;

/** Under a symbol: what crosses into a worker, or is written down, leaves it behind. */
export const anew = Symbol('worked out anew');

/**
 * Where a figure comes from. By its names it holds ids, never functions, so that it crosses into a worker; of an entry its field, never the text, which may be
 * put in other words.
 */
export type Origin =
  | { readonly by: 'given'; readonly field: FieldPath }
  | { readonly by: 'usual'; readonly field: FieldPath; readonly source: string }
  | { readonly by: 'limit'; readonly source: string }
  | { readonly by: 'catalog'; readonly table: string; readonly row: string; readonly source: string; readonly [anew]?: ReadAt }
  | {
      readonly by: 'formula' | 'solved';
      readonly id: string;
      readonly from: Readonly<Record<string, Figure>>;
      readonly [anew]?: Anew<Readonly<Record<string, Figure>>>;
    }
  | { readonly by: 'scaled'; readonly of: Figure; readonly factor: Known<'1'>; readonly why: string }
  | { readonly by: 'picked'; readonly rule: PickRule; readonly from: readonly Figure[] };

/** How one figure is picked out of, or put together from, several of a kind. */
export type PickRule = 'least' | 'most' | 'sum' | 'squares';

export interface Known<U extends Unit = Unit> {
  readonly known: true;
  readonly unit: U;
  /** The likely value, in `unit`. */
  readonly value: number;
  /** Least and most it may be; they come together, or not at all when the figure is sure. */
  readonly low?: number;
  readonly high?: number;
  /** Where some of its band is unseen and some is scatter: least and most it may turn out to be by looking, the scatter at its likely. */
  readonly unseenLow?: number;
  readonly unseenHigh?: number;
  readonly flags: number;
  readonly origin: Origin;
}

export interface Unknown<U extends Unit = Unit> {
  readonly known: false;
  readonly unit: U;
  /** The fields that would settle it. */
  readonly missing: readonly FieldPath[];
  /** Why there is no value although nothing is missing. */
  readonly because?: string | Sentence;
}

export type Figure<U extends Unit = Unit> = Known<U> | Unknown<U>;

export function known<U extends Unit>(unit: U, value: number, origin: Origin, range?: readonly [number, number], flags = 0): Known<U> {
  // Made thousands of times a keystroke: no spreading, two shapes.
  if (!range || range[0] === range[1]) return { known: true, unit, value, flags, origin };
  return { known: true, unit, value, low: range[0], high: range[1], flags, origin };
}

/** The same, with what of its band looking would settle. Only for a figure that is marked `unseen`. */
export const knownUnseen = <U extends Unit>(
  unit: U,
  value: number,
  origin: Origin,
  [low, high]: readonly [number, number],
  flags: number,
  [unseenLow, unseenHigh]: readonly [number, number],
): Known<U> => ({ known: true, unit, value, low, high, unseenLow, unseenHigh, flags, origin });

/** A figure from a table: least, likely, most. */
export const fromTable = <U extends Unit>(
  unit: U,
  [low, value, high]: readonly [number, number, number],
  table: { readonly table: string; readonly row: string; readonly source: string },
  flags = 0,
): Known<U> => known(unit, value, { by: 'catalog', ...table }, [low, high], flags);

/**
 * What a table has for a figure. Where that is not sure, from the least to the most of what the table has at its least, likely and most: all there can be, as
 * long as the table rises or falls.
 * @returns null where the table has nothing for the likely value, or for an end of it
 */
export function lookedUp<U extends Unit>(
  unit: U,
  by: Known,
  at: (value: number) => number | null,
  table: { readonly table: string; readonly row: string; readonly source: string },
): Known<U> | null {
  const value = at(by.value);
  if (value === null) return null;
  if (by.low === undefined || by.high === undefined) return known(unit, value, { by: 'catalog', ...table });
  const [one, other] = [at(by.low), at(by.high)];
  if (one === null || other === null) return null;
  const read = { by, again: (figure: Known) => lookedUp(unit, figure, at, table) };
  const origin = { by: 'catalog', ...table, [anew]: read } as const;
  return known(unit, value, origin, [Math.min(one, value, other), Math.max(one, value, other)], by.flags & carried);
}

/** What a table was read at, and a way to read it at another value. */
interface ReadAt {
  readonly by: Known;
  readonly again: Anew<Known>;
}

/** A number that is fixed by definition or by common practice. */
export const fixed = <U extends Unit>(unit: U, value: number, source: string, range?: readonly [number, number], flags = 0): Known<U> =>
  known(unit, value, { by: 'limit', source }, range, flags);

export function unknown<U extends Unit>(unit: U, missing: readonly FieldPath[], because?: string | Sentence): Unknown<U> {
  return { known: false, unit, missing, ...(because === undefined ? {} : { because }) };
}

/** Least the figure may be. */
export const lowEnd = (figure: Known): number => figure.low ?? figure.value;

/** Most the figure may be. */
export const highEnd = (figure: Known): number => figure.high ?? figure.value;

/** Least it may turn out to be by looking. Where nothing else is told, all of an unseen band is. */
export const unseenLowEnd = (figure: Known): number => (figure.flags & flag.unseen ? (figure.unseenLow ?? lowEnd(figure)) : figure.value);

/** Most it may turn out to be by looking. */
export const unseenHighEnd = (figure: Known): number => (figure.flags & flag.unseen ? (figure.unseenHigh ?? highEnd(figure)) : figure.value);

/** Puts the next value to what was picked so far. */
export const pickRules: Readonly<Record<PickRule, (sofar: number, value: number) => number>> = {
  least: Math.min,
  most: Math.max,
  sum: (total, value) => total + value,
  squares: (total, value) => Math.hypot(total, value),
};

/**
 * The least or the most of several figures, their sum or the root of the sum of their squares, end by end; carries the marks of all of them. One unknown makes it unknown: the one that
 * is missing might have been the least.
 */
export function picked<U extends Unit>(rule: PickRule, unit: U, from: readonly Figure<U>[]): Figure<U> {
  const apply = pickRules[rule];
  const [first] = from;
  if (!first?.known) return unpicked(unit, from);
  let [value, low, high, flags] = [first.value, lowEnd(first), highEnd(first), first.flags];
  let [unseenLow, unseenHigh] = [unseenLowEnd(first), unseenHighEnd(first)];
  for (let k = 1; k < from.length; k++) {
    const figure = from[k] as Figure<U>;
    if (!figure.known) return unpicked(unit, from);
    value = apply(value, figure.value);
    low = apply(low, lowEnd(figure));
    high = apply(high, highEnd(figure));
    unseenLow = apply(unseenLow, unseenLowEnd(figure));
    unseenHigh = apply(unseenHigh, unseenHighEnd(figure));
    flags |= figure.flags;
  }
  const origin = { by: 'picked', rule, from } as const;
  if (flags & flag.unseen) return knownUnseen(unit, value, origin, [low, high], flags & carried, [unseenLow, unseenHigh]);
  return known(unit, value, origin, [low, high], flags & carried);
}

function unpicked<U extends Unit>(unit: U, from: readonly Figure<U>[]): Unknown<U> {
  const missing = [...new Set(from.flatMap((figure) => (figure.known ? [] : figure.missing)))];
  const because = from.flatMap((figure) => (figure.known || !figure.because ? [] : [figure.because]))[0];
  return unknown(unit, missing, because ?? (from.length === 0 ? 'there is nothing to pick from' : undefined));
}

/**
 * So many times a figure, by a rule that is said: an eighth of the breaking load, fifteen modules.
 * @param factor of the same sign throughout its range
 */
export function scaled<U extends Unit>(figure: Figure<U>, factor: number | Known<'1'>, why: string): Figure<U> {
  if (!figure.known) return figure;
  const k = typeof factor === 'number' ? fixed('1', factor, why) : factor;
  const ends = [lowEnd(figure) * lowEnd(k), lowEnd(figure) * highEnd(k), highEnd(figure) * lowEnd(k), highEnd(figure) * highEnd(k)];
  const origin = { by: 'scaled', of: figure, factor: k, why } as const;
  const range = [Math.min(...ends), Math.max(...ends)] as const;
  const flags = (figure.flags | k.flags) & carried;
  if (!(flags & flag.unseen)) return known(figure.unit, figure.value * k.value, origin, range, flags);
  const seen = [
    unseenLowEnd(figure) * unseenLowEnd(k),
    unseenLowEnd(figure) * unseenHighEnd(k),
    unseenHighEnd(figure) * unseenLowEnd(k),
    unseenHighEnd(figure) * unseenHighEnd(k),
  ];
  return knownUnseen(figure.unit, figure.value * k.value, origin, range, flags, [Math.min(...seen), Math.max(...seen)]);
}

/** What a figure was made of, by the name it has there; nothing for one that was entered. */
export function partsOf(figure: Figure): readonly (readonly [string, Figure])[] {
  if (!figure.known) return [];
  const { origin } = figure;
  if (origin.by === 'formula' || origin.by === 'solved') return Object.entries(origin.from);
  if (origin.by === 'scaled') return [['x', origin.of] as const, ['k', origin.factor] as const];
  return origin.by === 'picked' ? origin.from.map((part, k) => [`${k + 1}`, part] as const) : [];
}

/** Found once for a figure, which never changes: figures share what they are made of, and a walk without memory would go round it many times. */
function remembered(walk: (figure: Figure) => ReadonlySet<FieldPath>): (figure: Figure) => ReadonlySet<FieldPath> {
  const found = new WeakMap<Figure, ReadonlySet<FieldPath>>();
  return (figure) => {
    const fields = found.get(figure) ?? walk(figure);
    found.set(figure, fields);
    return fields;
  };
}

/** The fields under a figure at which nobody has looked yet: guesses, and what was left at its usual range. */
export const unseenUnder = remembered((figure) => {
  if (!figure.known || !(figure.flags & flag.unseen)) return new Set();
  if (figure.origin.by === 'given' || figure.origin.by === 'usual') return new Set([figure.origin.field]);
  return new Set(partsOf(figure).flatMap(([, part]) => [...unseenUnder(part)]));
});

/** A figure that hangs on a field at which nobody has looked: the whole range of what it may turn out to be. */
export const unseen = <U extends Unit>(unit: U, [low, value, high]: readonly [number, number, number], field: FieldPath, source: string): Known<U> =>
  known(unit, value, { by: 'usual', field, source }, [low, high], flag.unseen);

const resting = new WeakMap<ReadonlySet<FieldPath>, WeakMap<Figure, boolean>>();

/** Whether a figure rests on any of these fields. Remembered for a set of fields, which must not change. */
export function restsOn(figure: Figure, fields: ReadonlySet<FieldPath>): boolean {
  if (fields.size === 0) return false;
  let found = resting.get(fields);
  if (!found) {
    found = new WeakMap();
    resting.set(fields, found);
  }
  const known = found.get(figure);
  if (known !== undefined) return known;
  const rests = restsItself(figure, fields) || partRests(figure, fields);
  found.set(figure, rests);
  return rests;
}

/** As `partsOf`, without making a list of them: it is needed for every figure of a page at every key. */
function partRests(figure: Figure, fields: ReadonlySet<FieldPath>): boolean {
  if (!figure.known) return false;
  const { origin } = figure;
  if (origin.by === 'picked') return origin.from.some((part) => restsOn(part, fields));
  if (origin.by === 'scaled') return restsOn(origin.of, fields) || restsOn(origin.factor, fields);
  if (origin.by !== 'formula' && origin.by !== 'solved') return false;
  for (const name in origin.from) if (restsOn(origin.from[name] as Figure, fields)) return true;
  return false;
}

function restsItself(figure: Figure, fields: ReadonlySet<FieldPath>): boolean {
  if (!figure.known) return figure.missing.some((path) => fields.has(path));
  const { origin } = figure;
  return (origin.by === 'given' || origin.by === 'usual') && fields.has(origin.field);
}
