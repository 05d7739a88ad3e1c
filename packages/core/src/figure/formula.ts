import type { Unit } from '../quantity/quantities.js';
import { type Figure, flag, highEnd, type Known, known, lowEnd, unknown } from './figure.js';

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

interface Definition<U extends Unit, S extends Slots> {
  readonly id: string;
  readonly title: string;
  readonly symbol: string;
  readonly unit: U;
  /** The same relation as `compute`, in symbols, for people and for the test that evaluates it. */
  readonly expr: string;
  readonly source: string;
  readonly inputs: S;
  /** Between which of its inputs the relation rises or falls steadily in each, where that is not so throughout. */
  readonly where?: { readonly says: string; readonly holds: (numbers: Numbers<S>) => boolean };
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
 * registry's test holds every formula to. A result that is not finite is an unknown with its reason.
 */
export function defineFormula<const U extends Unit, const S extends Slots>(definition: Definition<U, S>): Formula<U, S> {
  const names = Object.keys(definition.inputs);
  const valid = names.map((name) => (definition.inputs[name] as Slot).valid);
  const tray = trayFor(names);
  const door = (figures: Figures<S>): Figure<U> => evaluate(definition, valid, tray, figures as Readonly<Record<string, Figure>>);
  return Object.assign(door, definition);
}

/**
 * A figure that no single formula gives, found by a procedure: ranges, flags and what is missing are carried as a formula carries them, so the procedure
 * must rise or fall steadily in each of its inputs. Not finite where there is no answer. What it does is told by its id in `procedures/solvers`.
 */
export const solve = <U extends Unit>(
  unit: U,
  id: string,
  from: Readonly<Record<string, Figure>>,
  compute: (numbers: Readonly<Record<string, number>>) => number,
): Figure<U> => {
  let tray = trays.get(id);
  if (!tray || !takes(tray, from)) {
    tray = trayFor(Object.keys(from));
    trays.set(id, tray);
  }
  return evaluate({ id, unit, title: '', inputs: nothing, compute }, [], tray, from, 'solved');
};

/** By procedure, which nearly always goes by the same names. */
const trays = new Map<string, Tray>();

function takes({ names }: Tray, from: Readonly<Record<string, Figure>>): boolean {
  let many = 0;
  for (const name in from) if (names[many++] !== name) return false;
  return many === names.length;
}

const nothing: Slots = {};

/**
 * The numbers that are handed to a relation: one set, filled anew at every call, since a relation is worked out thousands of times a keystroke and never
 * calls itself. A number is put in by its name, which is the dear part, only where it is not there already.
 */
interface Tray {
  readonly names: readonly string[];
  readonly numbers: Record<string, number>;
  /** What stands in `numbers`, in the order of the names. */
  readonly there: number[];
}

const trayFor = (names: readonly string[]): Tray => ({
  names,
  numbers: Object.fromEntries(names.map((name) => [name, Number.NaN])),
  there: names.map(() => Number.NaN),
});

function put({ names, numbers, there }: Tray, k: number, value: number): void {
  if (there[k] === value) return;
  there[k] = value;
  numbers[names[k] as string] = value;
}

/** Which inputs of the call under way are ranged, and their ends: filled anew at every call. */
const ranged: number[] = [];
const lows: number[] = [];
const highs: number[] = [];

function evaluate<U extends Unit, S extends Slots>(
  definition: Pick<Definition<U, S>, 'id' | 'unit' | 'title' | 'inputs' | 'compute'>,
  valid: readonly Slot['valid'][],
  tray: Tray,
  figures: Readonly<Record<string, Figure>>,
  by: 'formula' | 'solved' = 'formula',
): Figure<U> {
  const { names } = tray;
  const numbers = tray.numbers as Numbers<S>;
  let many = 0;
  let flags = 0;
  for (let k = 0; k < names.length; k++) {
    const name = names[k] as string;
    const figure = figures[name] as Figure;
    if (!figure.known) return missingFrom(definition.unit, names, figures);
    put(tray, k, figure.value);
    flags |= figure.flags;
    if (figure.low !== undefined) {
      ranged[many] = k;
      lows[many] = figure.low;
      highs[many++] = figure.high as number;
    }
    const trusted = valid[k];
    if (trusted && (lowEnd(figure) < trusted[0] || highEnd(figure) > trusted[1])) flags |= flag.outsideValid;
  }
  const likely = definition.compute(numbers);
  const origin = { by, id: definition.id, from: figures } as const;
  if (many === 0) return Number.isFinite(likely) ? known(definition.unit, likely, origin, undefined, flags) : noValue(definition, names, figures);
  let [low, high] = [likely, likely];
  for (let k = 0; k < many; k++) put(tray, ranged[k] as number, lows[k] as number);
  // Least and most over every combination of the ranged inputs' ends, in an order in which from one to the next a single one goes to its other end
  // (Gray code): the k-th at the odd multiples of 2^k.
  for (let corner = 0; corner < 1 << many; corner++) {
    if (corner > 0) {
      const k = 31 - Math.clz32(corner & -corner);
      put(tray, ranged[k] as number, ((corner >> (k + 1)) & 1 ? lows[k] : highs[k]) as number);
    }
    const value = definition.compute(numbers);
    // NaN is neither less nor more: it must not slip through.
    if (!Number.isFinite(value)) return noValue(definition, names, figures);
    if (value < low) low = value;
    if (value > high) high = value;
  }
  return Number.isFinite(likely) ? known(definition.unit, likely, origin, [low, high], flags) : noValue(definition, names, figures);
}

function noValue<U extends Unit, S extends Slots>(
  { id, unit, title }: Pick<Definition<U, S>, 'id' | 'unit' | 'title'>,
  names: readonly string[],
  figures: Readonly<Record<string, Figure>>,
): Figure<U> {
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
