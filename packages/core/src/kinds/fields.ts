import type { Figure } from '../figure/figure.js';
import { type QuantityName, quantities, type UnitOf } from '../quantity/quantities.js';
import type { Reads } from '../quantity/read-quantity.js';

/** How a value is known; a build remembers it beside every input. */
export const knownBy = ['plate', 'measured', 'chosen', 'guessed', 'default'] as const;
export type KnownBy = (typeof knownBy)[number];

/** What is usual where nothing was entered. A check takes whichever end hurts. */
export interface Usual {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: string;
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
}

export type Fields = Readonly<Record<string, QuantityField>>;

type FieldWords = Omit<QuantityField, 'is' | 'label' | 'quantity'>;

export const quantity = <const Q extends QuantityName>(label: string, name: Q, words: FieldWords): QuantityField<Q> => ({
  is: 'quantity',
  label,
  quantity: name,
  ...words,
});

/** The figures a kind works with: one for each of its fields, in the field's house unit. */
export type InputFigures<F extends Fields> = { readonly [K in keyof F]: Figure<UnitOf<F[K]['quantity']>> };

/** The house unit of a field. */
export const unitOf = (field: QuantityField) => quantities[field.quantity].unit;
