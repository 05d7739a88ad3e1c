import { extremes } from '../numeric/extremes.js';
import type { Unit } from '../quantity/quantities.js';
import { carried, type Figure, flag, highEnd, type Known, known, lowEnd, unknown } from './figure.js';

/** One input of a formula. `valid` is where the relation may be trusted; outside it the result is flagged, not refused. */
export interface Slot<U extends Unit = Unit> {
  readonly unit: U;
  readonly means: string;
  readonly valid: readonly [number, number];
}

export const slot = <const U extends Unit>(unit: U, means: string, valid: readonly [number, number]): Slot<U> => ({ unit, means, valid });

type Slots = Readonly<Record<string, Slot>>;
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
    valid: names.map((name) => (definition.inputs[name] as Slot).valid),
    where: definition.where as unknown as Where<Slots> | undefined,
    compute: definition.compute as (numbers: Numbers<Slots>) => number,
  };
  const door = (figures: Figures<S>): Figure<U> => evaluate(relation, figures as Readonly<Record<string, Figure>>);
  return Object.assign(door, definition);
}

/** A way to a figure that no single formula is: an inverse, a lookup, a rule of thumb. What it does and who says so is shown where a formula would be. */
export interface Procedure {
  readonly id: string;
  readonly says: string;
  readonly source: string;
  /** The inputs in which it does not rise or fall steadily: a range of them is searched. */
  readonly turns?: readonly string[];
}

/** Describes a procedure, for `solve`. The words of all of them are gathered by `npm run generate`. */
export const defineProcedure = (procedure: Procedure): Procedure => procedure;

/**
 * A figure found by a procedure: ranges, flags and what is missing are carried as a formula carries them, so that apart from what the procedure says
 * it `turns` in it must rise or fall steadily in each of its inputs. Not finite where there is no answer.
 */
export const solve = <U extends Unit>(
  unit: U,
  { id, turns }: Procedure,
  from: Readonly<Record<string, Figure>>,
  compute: (numbers: Readonly<Record<string, number>>) => number,
): Figure<U> =>
  evaluate(
    {
      by: 'solved',
      id,
      unit,
      title: '',
      names: Object.keys(from),
      valid: noBounds,
      where: turns ? { says: '', turns, holds: never } : undefined,
      compute,
    },
    from,
  );

const noBounds: Relation<Unit>['valid'] = [];
const never = () => false;

/** What the evaluation needs to know of a formula or a procedure. */
interface Relation<U extends Unit> {
  readonly by: 'formula' | 'solved';
  readonly id: string;
  readonly unit: U;
  readonly title: string;
  readonly names: readonly string[];
  readonly valid: readonly Slot['valid'][];
  readonly where: Where<Slots> | undefined;
  readonly compute: (numbers: Numbers<Slots>) => number;
}

function evaluate<U extends Unit>(relation: Relation<U>, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const { names, valid, unit } = relation;
  // Made anew at every call: a relation may work out others on its way, or itself again.
  const numbers: Record<string, number> = {};
  let ranged: Ranged | undefined;
  let flags = 0;
  for (let k = 0; k < names.length; k++) {
    const name = names[k] as string;
    const figure = figures[name] as Figure;
    if (!figure.known) return missingFrom(unit, names, figures);
    numbers[name] = figure.value;
    flags |= figure.flags & carried;
    if (figure.low !== undefined) {
      ranged ??= { names: [], low: [], high: [] };
      ranged.names.push(name);
      ranged.low.push(figure.low);
      ranged.high.push(figure.high as number);
    }
    const trusted = valid[k];
    if (trusted && (lowEnd(figure) < trusted[0] || highEnd(figure) > trusted[1])) flags |= flag.outsideValid;
  }
  const likely = relation.compute(numbers);
  if (!Number.isFinite(likely)) return noValue(relation, figures);
  const origin = { by: relation.by, id: relation.id, from: figures } as const;
  if (!ranged) return known(unit, likely, origin, undefined, flags);
  const ends = overCorners(relation, numbers, ranged, likely);
  if (!ends) return noValue(relation, figures);
  if (!ends.outside) return known(unit, likely, origin, [ends.low, ends.high], flags);
  const searched = searchedBetween(relation, numbers, ranged);
  if (searched === 'steady') return known(unit, likely, origin, [ends.low, ends.high], flags);
  // A relation with a hole in the middle: what its corners say is a hint.
  if (!searched) return known(unit, likely, origin, [ends.low, ends.high], flags | flag.outsideValid);
  return known(unit, likely, origin, [Math.min(ends.low, searched[0]), Math.max(ends.high, searched[1])], flags | flag.searched);
}

/** The inputs of a call that are not sure, and their ends. */
interface Ranged {
  readonly names: string[];
  readonly low: number[];
  readonly high: number[];
}

/**
 * Least and most over every combination of the ranged inputs' ends, in an order in which from one to the next a single one goes to its other end
 * (Gray code): the k-th at the odd multiples of 2^k. Leaves `numbers` as it found them; null where a corner has no answer.
 */
function overCorners(relation: Relation<Unit>, numbers: Record<string, number>, { names, low, high }: Ranged, likely: number) {
  const { compute, where } = relation;
  const many = names.length;
  const corner = numbers;
  const values = names.map((name) => numbers[name] as number);
  let [least, most] = [likely, likely];
  let outside = where !== undefined && !where.holds(numbers);
  for (let k = 0; k < many; k++) corner[names[k] as string] = low[k] as number;
  for (let nth = 0; nth < 1 << many; nth++) {
    if (nth > 0) {
      const k = 31 - Math.clz32(nth & -nth);
      corner[names[k] as string] = ((nth >> (k + 1)) & 1 ? low[k] : high[k]) as number;
    }
    const value = compute(corner);
    // NaN is neither less nor more: it must not slip through.
    if (!Number.isFinite(value)) return null;
    if (value < least) least = value;
    if (value > most) most = value;
    if (where && !outside) outside = !where.holds(corner);
  }
  for (let k = 0; k < many; k++) corner[names[k] as string] = values[k] as number;
  return { low: least, high: most, outside };
}

/** Least and most with the inside looked over as well; null where the relation has no answer somewhere on the way or does not say what turns. */
function searchedBetween({ compute, where }: Relation<Unit>, numbers: Readonly<Record<string, number>>, { names, low, high }: Ranged) {
  if (!where || where.turns.length === 0) return null;
  const turning = names.flatMap((name, k) => (where.turns.includes(name) ? [k] : []));
  if (turning.length === 0) return 'steady' as const;
  let broken = false;
  const at = (point: readonly number[]) => {
    const there = { ...numbers };
    for (let k = 0; k < names.length; k++) there[names[k] as string] = point[k] as number;
    const value = compute(there);
    if (!Number.isFinite(value)) broken = true;
    return value;
  };
  const found = extremes(
    at,
    { low, high },
    turning,
    names.map((name) => numbers[name] as number),
  );
  return broken ? null : found;
}

function noValue<U extends Unit>({ id, unit, title, names }: Relation<U>, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const at = names.map((name) => `${name} = ${(figures[name] as Known).value}`).join(', ');
  return unknown(unit, [], `${title || id.replaceAll('-', ' ')} has no value at ${at}`);
}

function missingFrom<U extends Unit>(unit: U, names: readonly string[], figures: Readonly<Record<string, Figure>>): Figure<U> {
  const missing = new Set<string>();
  let because: string | undefined;
  for (const name of names) {
    const figure = figures[name] as Figure;
    if (figure.known) continue;
    for (const path of figure.missing) missing.add(path);
    because ??= figure.because;
  }
  return unknown(unit, [...missing], because);
}
