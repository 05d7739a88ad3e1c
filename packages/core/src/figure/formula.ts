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
  const door = (figures: Figures<S>): Figure<U> => evaluate(definition, figures as Readonly<Record<string, Figure>>);
  return Object.assign(door, definition);
}

function evaluate<U extends Unit, S extends Slots>(definition: Definition<U, S>, figures: Readonly<Record<string, Figure>>): Figure<U> {
  const names = Object.keys(definition.inputs);
  const missing = new Set<string>();
  let because: string | undefined;
  for (const name of names) {
    const figure = figures[name] as Figure;
    if (figure.known) continue;
    for (const path of figure.missing) missing.add(path);
    because ??= figure.because;
  }
  const inputs = names.map((name) => figures[name]).filter((figure): figure is Known => figure?.known === true);
  if (inputs.length < names.length) return unknown(definition.unit, [...missing], because);

  const corners = cornersOf(inputs).map((values) => definition.compute(named(names, values) as Numbers<S>));
  const likely = definition.compute(
    named(
      names,
      inputs.map((figure) => figure.value),
    ) as Numbers<S>,
  );
  if (![likely, ...corners].every(Number.isFinite)) {
    const at = names.map((name, k) => `${name} = ${(inputs[k] as Known).value}`).join(', ');
    return unknown(definition.unit, [], `${definition.title} has no value at ${at}`);
  }
  let flags = 0;
  names.forEach((name, k) => {
    const figure = inputs[k] as Known;
    const [least, most] = (definition.inputs[name] as Slot).valid;
    flags |= figure.flags;
    if (lowEnd(figure) < least || highEnd(figure) > most) flags |= flag.outsideValid;
  });
  const origin = { by: 'formula', id: definition.id, from: figures } as const;
  return known(definition.unit, likely, origin, corners.length > 1 ? [Math.min(...corners), Math.max(...corners)] : undefined, flags);
}

/** Every combination of the inputs' ends; one combination when all are sure. */
function cornersOf(inputs: readonly Known[]): number[][] {
  return inputs.reduce<number[][]>(
    (corners, figure) => {
      const ends = figure.low === undefined ? [figure.value] : [lowEnd(figure), highEnd(figure)];
      return corners.flatMap((corner) => ends.map((end) => [...corner, end]));
    },
    [[]],
  );
}

function named(names: readonly string[], values: readonly number[]): Record<string, number> {
  return Object.fromEntries(names.map((name, k) => [name, values[k] as number]));
}
