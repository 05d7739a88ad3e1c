import type { Figure } from '../figure/figure.js';
import { type QuantityName, quantities, type UnitOf } from '../quantity/quantities.js';
import type { Reads } from '../quantity/read-quantity.js';

/** How a value is known; a build remembers it beside every input. */
export const knownBy = ['plate', 'measured', 'chosen', 'guessed', 'default'] as const;
export type KnownBy = (typeof knownBy)[number];

/**
 * What is usual where nothing was entered. Its range is wide by `scatter`, which nobody measures, or because it was `unseen`: looking would narrow it, and a
 * verdict that hangs on it names it.
 */
export interface Usual {
  readonly of: 'scatter' | 'unseen';
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: string;
}

/** Said of a field that only makes sense where another field of the element has one of these options. */
export interface When {
  readonly field: string;
  readonly is: readonly string[];
}

/** A field, described once: the editor, the contract, the command line and the reference page all read this. */
export interface QuantityField<Q extends QuantityName = QuantityName> extends Reads {
  readonly is: 'quantity';
  readonly quantity: Q;
  /** How an entry here is usually known. */
  readonly how: KnownBy;
  readonly help: string;
  /** Where on the machine it is read or measured. */
  readonly measure: string;
  readonly usual?: Usual;
  readonly when?: When;
}

/** One of a few: each option with the words it is shown by. An entry's text is the option itself. */
export interface ChoiceField<O extends string = string> {
  readonly is: 'choice';
  readonly label: string;
  readonly options: Readonly<Record<O, string>>;
  readonly how: KnownBy;
  readonly help: string;
  readonly measure: string;
  /** What is taken where nothing was chosen. */
  readonly usual?: O;
  readonly when?: When;
}

export type Field = QuantityField | ChoiceField;
export type Fields = Readonly<Record<string, Field>>;

type ChoiceWords<O extends string> = Omit<ChoiceField<NoInfer<O>>, 'is' | 'label' | 'options' | 'how'> & { readonly how?: KnownBy };

export const choice = <const O extends string>(label: string, options: Readonly<Record<O, string>>, words: ChoiceWords<O>): ChoiceField<O> => ({
  is: 'choice',
  label,
  options,
  how: 'chosen',
  ...words,
});

/** What was chosen, with the field to name where nothing was. */
export interface Chosen<O extends string = string> {
  readonly is: O | undefined;
  readonly field: string;
}

type FieldWords = Omit<QuantityField, 'is' | 'label' | 'quantity'>;

export const quantity = <const Q extends QuantityName>(label: string, name: Q, words: FieldWords): QuantityField<Q> => ({
  is: 'quantity',
  label,
  quantity: name,
  ...words,
});

/** What a kind works with: a figure for each quantity, in its house unit, and what was chosen for each choice. */
export type InputFigures<F extends Fields> = {
  readonly [K in keyof F]: F[K] extends QuantityField<infer Q> ? Figure<UnitOf<Q>> : F[K] extends ChoiceField<infer O> ? Chosen<O> : never;
};

/** The house unit of a field. */
export const unitOf = (field: Pick<QuantityField, 'quantity'>) => quantities[field.quantity].unit;
