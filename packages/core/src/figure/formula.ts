import { extremes } from '../numeric/extremes.js';
import type { Unit } from '../quantity/quantities.js';
import {
  anew,
  carried,
  type Figure,
  flag,
  highEnd,
  type Known,
  known,
  knownUnseen,
  lowEnd,
  type Unknown,
  unknown,
  unseenHighEnd,
  unseenLowEnd,
} from './figure.js';

/** One input of a formula. `valid` is where the relation may be trusted; outside it the result is flagged, not refused. */
export interface InputSlot<U extends Unit = Unit> {
  readonly unit: U;
  readonly means: string;
  readonly valid: readonly [number, number];
}

export const inputSlot = <const U extends Unit>(unit: U, means: string, valid: readonly [number, number]): InputSlot<U> => ({ unit, means, valid });

type Slots = Readonly<Record<string, InputSlot>>;
type Numbers<S extends Slots> = { readonly [K in keyof S]: number };
type Figures<S extends Slots> = { readonly [K in keyof S]: Figure<S[K]['unit']> };

/** What there is to say where a relation has run into its floor or its ceiling. */
interface Remark<S extends Slots> {
  readonly says: string;
  readonly when: (numbers: Numbers<S>) => boolean;
}

/** Where a relation rises or falls steadily in each of its inputs, if that is not so throughout. */
interface Where<S extends Slots> {
  readonly says: string;
  /** The inputs in which it turns elsewhere. */
  readonly turns: readonly (keyof S & string)[];
  readonly holds: (numbers: Numbers<S>) => boolean;
}

interface Definition<U extends Unit, S extends Slots> {
  readonly id: string;
  readonly title: string;
  readonly symbol: string;
  readonly unit: U;
  /** The same relation as `compute`, in symbols, for people and for the test that evaluates it. */
  readonly expr: string;
  readonly source: string;
  readonly inputs: S;
  readonly where?: Where<S>;
  readonly remark?: Remark<S>;
  /** The plain-number door. Not finite where the relation has no answer. */
  readonly compute: (numbers: Numbers<S>) => number;
}

export interface Formula<U extends Unit = Unit, S extends Slots = Slots> extends Definition<U, S> {
  /** The figure door: carries ranges, flags and origin; an unknown input makes an unknown result that names what is missing. */
  (figures: Figures<S>): Figure<U>;
}

/**
 * One relation, two doors: `formula.compute(numbers)` for searches at full speed, `formula(figures)` for results that know where they come from.
 * A range is carried by trying every corner of the ranged inputs: sure as long as the relation rises or falls steadily in each input, which the
 * registry's test holds every formula to, or, outside of its `where`, by searching between them. A result that is not finite is an unknown with its reason.
 */
export function defineFormula<const U extends Unit, const S extends Slots>(definition: Definition<U, S>): Formula<U, S> {
  const names = Object.keys(definition.inputs);
  const relation: Relation<U> = {
    by: 'formula',
    id: definition.id,
    unit: definition.unit,
    title: definition.title,
    names,
    valid: names.map((name) => (definition.inputs[name] as InputSlot).valid),
    where: definition.where as unknown as Where<Slots> | undefined,
    compute: definition.compute as (numbers: Numbers<Slots>) => number,
    again: (figures) => evaluate(relation, figures),
    tray: undefined,
  };
  const door = relation.again as (figures: Figures<S>) => Figure<U>;
  return Object.assign(door, definition);
}

/** A way to a figure that no single formula is: an inverse, a lookup, a rule of thumb. What it does and who says so is shown where a formula would be. */
export interface Procedure extends Described {
  /** What lies ready for the next call: the names it nearly always goes by, and a tray of them. */
  readonly ready: { names: readonly string[]; tray: Tray | undefined };
}

interface Described {
  readonly id: string;
  readonly says: string;
  readonly source: string;
  /** The inputs in which it does not rise or fall steadily: a range of them is searched. */
  readonly turns?: readonly string[];
  /** It is dear, and may have many ranged inputs: its ends are looked for one input after the other, and not in every corner. */
  readonly oneByOne?: true;
}

/** Describes a procedure, for `solve`. The words of all of them are gathered by `npm run generate`. */
export const defineProcedure = (described: Described): Procedure => ({ ...described, ready: { names: [], tray: undefined } });

/**
 * A figure found by a procedure: ranges, flags and what is missing are carried as a formula carries them, so that apart from what the procedure says
 * it `turns` in it must rise or fall steadily in each of its inputs. Not finite where there is no answer.
 * @param compute is handed numbers that are its own until it returns
 */
export function solve<U extends Unit>(
  unit: U,
  procedure: Procedure,
  from: Readonly<Record<string, Figure>>,
  compute: (numbers: Readonly<Record<string, number>>) => number,
): Figure<U> {
  const { id, turns, ready, oneByOne } = procedure;
  if (!sameNames(ready.names, from)) {
    ready.names = Object.keys(from);
    ready.tray = undefined;
  }
  const where = turns ? { says: '', turns, holds: never } : undefined;
  const again = (figures: Readonly<Record<string, Figure>>) => solve(unit, procedure, figures, compute);
  const relation: Relation<U> = {
    by: 'solved',
    id,
    unit,
    title: '',
    names: ready.names,
    valid: noBounds,
    where,
    compute,
    again,
    oneByOne,
    tray: ready.tray,
  };
  ready.tray = undefined;
  const result = evaluate(relation, from);
  if (relation.names === ready.names) ready.tray = relation.tray;
  return result;
}

function sameNames(names: readonly string[], from: Readonly<Record<string, Figure>>): boolean {
  let many = 0;
  for (const name in from) if (names[many++] !== name) return false;
  return many === names.length;
}

const noBounds: Relation<Unit>['valid'] = [];
const never = () => false;

/** What the evaluation needs to know of a formula or a procedure. */
interface Relation<U extends Unit> {
  readonly by: 'formula' | 'solved';
  readonly id: string;
  readonly unit: U;
  readonly title: string;
  readonly names: readonly string[];
  readonly valid: readonly InputSlot['valid'][];
  readonly where: Where<Slots> | undefined;
  readonly compute: (numbers: Numbers<Slots>) => number;
  readonly oneByOne?: true | undefined;
  /** The same over other figures. */
  readonly again: (figures: Readonly<Record<string, Figure>>) => Figure<U>;
  /** Lies ready between two calls; while one is under way it is not there, so that a call within a call takes its own. */
  tray: Tray | undefined;
}

/**
 * The numbers that are handed to a relation, which is worked out thousands of times a keystroke: one set is filled anew at every call instead of making one.
 * A number is put in by its name, which is the dear part, only where it is not there already.
 */
interface Tray {
  readonly numbers: Record<string, number>;
  /** What is in `numbers`, in the order of the names. */
  readonly there: number[];
  /** Which inputs are ranged, by their place among the names, and their ends. */
  readonly ranged: number[];
  readonly lows: number[];
  readonly highs: number[];
}

const trayFor = (names: readonly string[]): Tray => ({
  numbers: Object.fromEntries(names.map((name) => [name, Number.NaN])),
  there: names.map(() => Number.NaN),
  ranged: [],
  lows: [],
  highs: [],
});

function put(names: readonly string[], { numbers, there }: Tray, k: number, value: number): void {
  if (there[k] === value) return;
  there[k] = value;
  numbers[names[k] as string] = value;
}

function evaluate<U extends Unit>(relation: Relation<U>, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const tray = relation.tray ?? trayFor(relation.names);
  relation.tray = undefined;
  const result = workOut(relation, tray, figures);
  relation.tray = tray;
  return result;
}

function workOut<U extends Unit>(relation: Relation<U>, tray: Tray, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const { names, valid, unit, compute } = relation;
  const { ranged, lows, highs } = tray;
  const numbers = tray.numbers as Numbers<Slots>;
  let many = 0;
  let flags = 0;
  for (let k = 0; k < names.length; k++) {
    const figure = figures[names[k] as string] as Figure;
    if (!figure.known) return missingFrom(unit, names, figures);
    put(names, tray, k, figure.value);
    flags |= figure.flags;
    if (figure.low !== undefined) {
      ranged[many] = k;
      lows[many] = figure.low;
      highs[many++] = figure.high as number;
    }
    const trusted = valid[k];
    if (trusted && (lowEnd(figure) < trusted[0] || highEnd(figure) > trusted[1])) flags |= flag.outsideValid;
  }
  flags &= carried;
  const likely = compute(numbers);
  if (!Number.isFinite(likely)) return noValue(relation, figures);
  const origin = { by: relation.by, id: relation.id, from: figures, [anew]: relation.again } as const;
  if (many === 0) return known(unit, likely, origin, undefined, flags);
  const { where } = relation;
  let outside = where !== undefined && !where.holds(numbers);
  let [low, high] = [likely, likely];
  if (relation.oneByOne && !where && many > mostCorners) {
    const ends = endsOneByOne(compute as (numbers: Numbers<Slots>) => number, names, tray, many, likely);
    if (!ends) return noValue(relation, figures);
    return flags & flag.unseen ? withUnseen(relation, tray, figures, likely, ends, flags) : known(unit, likely, origin, ends, flags);
  }
  for (let k = 0; k < many; k++) put(names, tray, ranged[k] as number, lows[k] as number);
  // Least and most over every combination of the ranged inputs' ends, in an order in which from one to the next a single one goes to its other end
  // (Gray code): the k-th at the odd multiples of 2^k.
  for (let corner = 0; corner < 1 << many; corner++) {
    if (corner > 0) {
      const k = 31 - Math.clz32(corner & -corner);
      put(names, tray, ranged[k] as number, ((corner >> (k + 1)) & 1 ? lows[k] : highs[k]) as number);
    }
    const value = compute(numbers);
    // NaN is neither less nor more: it must not slip through.
    if (!Number.isFinite(value)) return noValue(relation, figures);
    if (value < low) low = value;
    if (value > high) high = value;
    if (where && !outside) outside = !where.holds(numbers);
  }
  if (!outside)
    return flags & flag.unseen ? withUnseen(relation, tray, figures, likely, [low, high], flags) : known(unit, likely, origin, [low, high], flags);
  const searched = searchedBetween(relation, figures);
  if (searched === 'steady') return known(unit, likely, origin, [low, high], flags);
  // A relation with a hole in the middle: what its corners say is a hint.
  if (!searched) return known(unit, likely, origin, [low, high], flags | flag.outsideValid);
  return known(unit, likely, origin, [Math.min(low, searched[0]), Math.max(high, searched[1])], flags | flag.searched);
}

/** Up to so many ranged inputs every corner is tried in any case. */
const mostCorners = 3;

/**
 * Least and most with each input put to the end that makes it less or more, first alone, then beside the others as they are by then: exact where the inputs do not turn
 * each other round, and close where they do.
 * @returns null where there is no value on the way
 */
function endsOneByOne(
  compute: (numbers: Numbers<Slots>) => number,
  names: readonly string[],
  tray: Tray,
  many: number,
  likely: number,
): readonly [number, number] | null {
  const { ranged, lows, highs, numbers } = tray;
  const values = Array.from({ length: many }, (_, k) => tray.there[ranged[k] as number] as number);
  let isBroken = false;
  const at = () => {
    const value = compute(numbers as Numbers<Slots>);
    if (!Number.isFinite(value)) isBroken = true;
    return value;
  };
  const set = (k: number, value: number) => put(names, tray, ranged[k] as number, value);
  const byItself = Array.from({ length: many }, (_, k) => {
    set(k, lows[k] as number);
    const low = at();
    set(k, highs[k] as number);
    const high = at();
    set(k, values[k] as number);
    return { low, high };
  });
  const found = [-1, 1].map((way) => {
    for (const [k, { low, high }] of byItself.entries()) set(k, (way * (high - low) >= 0 ? highs[k] : lows[k]) as number);
    let best = at();
    for (let k = 0; k < many; k++) {
      const now = tray.there[ranged[k] as number] as number;
      set(k, (now === lows[k] ? highs[k] : lows[k]) as number);
      const other = at();
      if (way * (other - best) > 0) best = other;
      else set(k, now);
    }
    return best;
  });
  return isBroken
    ? null
    : [
        Math.min(likely, ...byItself.flatMap(({ low, high }) => [low, high]), ...found),
        Math.max(likely, ...byItself.flatMap(({ low, high }) => [low, high]), ...found),
      ];
}

/**
 * What of a band looking would settle: each input that somebody has not looked at is put to both of its unseen ends with the others at their likely, and what
 * they do is added up.
 */
function withUnseen<U extends Unit>(
  { names, unit, compute, by, id, again }: Relation<U>,
  tray: Tray,
  figures: Readonly<Record<string, Figure>>,
  likely: number,
  [low, high]: readonly [number, number],
  flags: number,
): Known<U> {
  const numbers = tray.numbers as Numbers<Slots>;
  for (let k = 0; k < names.length; k++) put(names, tray, k, (figures[names[k] as string] as Known).value);
  let [least, most] = [likely, likely];
  for (let k = 0; k < names.length; k++) {
    const figure = figures[names[k] as string] as Known;
    if (!(figure.flags & flag.unseen)) continue;
    put(names, tray, k, unseenLowEnd(figure));
    const one = compute(numbers) - likely;
    put(names, tray, k, unseenHighEnd(figure));
    const other = compute(numbers) - likely;
    put(names, tray, k, figure.value);
    least += Math.min(one, other, 0);
    most += Math.max(one, other, 0);
  }
  // What is added up from both ends never leaves the band itself.
  const settled = [Math.max(low, least), Math.min(high, most)] as const;
  return knownUnseen(unit, likely, { by, id, from: figures, [anew]: again }, [low, high], flags, settled);
}

/** Least and most with the inside looked over as well; null where the relation has no answer somewhere on the way or does not say what turns. */
function searchedBetween({ compute, where, names: all }: Relation<Unit>, figures: Readonly<Record<string, Figure>>) {
  if (!where || where.turns.length === 0) return null;
  const names = all.filter((name) => (figures[name] as Known).low !== undefined);
  const [low, high] = [names.map((name) => lowEnd(figures[name] as Known)), names.map((name) => highEnd(figures[name] as Known))];
  const turning = names.flatMap((name, k) => (where.turns.includes(name) ? [k] : []));
  if (turning.length === 0) return 'steady' as const;
  const likely = Object.fromEntries(all.map((name) => [name, (figures[name] as Known).value]));
  let broken = false;
  const at = (point: readonly number[]) => {
    const there = { ...likely };
    for (let k = 0; k < names.length; k++) there[names[k] as string] = point[k] as number;
    const value = compute(there);
    if (!Number.isFinite(value)) broken = true;
    return value;
  };
  const found = extremes(
    at,
    { low, high },
    turning,
    names.map((name) => likely[name] as number),
  );
  return broken ? null : found;
}

function noValue<U extends Unit>({ id, unit, title, names }: Relation<U>, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const at = names.map((name) => `${name} = ${(figures[name] as Known).value}`).join(', ');
  return unknown(unit, [], `${title || id.replaceAll('-', ' ')} has no value at ${at}`);
}

function missingFrom<U extends Unit>(unit: U, names: readonly string[], figures: Readonly<Record<string, Figure>>): Figure<U> {
  const missing = new Set<string>();
  let because: Unknown['because'];
  for (const name of names) {
    const figure = figures[name] as Figure;
    if (figure.known) continue;
    for (const path of figure.missing) missing.add(path);
    because ??= figure.because;
  }
  return unknown(unit, [...missing], because);
}
