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

/** What every field is described by, once: the editor, the contract, the command line and the reference page all read this. */
interface Described {
  readonly label: string;
  /** How an entry here is usually known. */
  readonly how: KnownBy;
  readonly help: string;
  /** Where on the machine it is read or measured. */
  readonly measure: string;
  readonly when?: When;
}

export interface QuantityField<Q extends QuantityName = QuantityName> extends Reads, Described {
  readonly is: 'quantity';
  readonly label: string;
  readonly quantity: Q;
  readonly usual?: Usual;
}

/** One of a few: each option with the words it is shown by. An entry's text is the option itself. */
export interface ChoiceField<O extends string = string> extends Described {
  readonly is: 'choice';
  readonly options: Readonly<Record<O, string>>;
  /** What is taken where nothing was chosen. */
  readonly usual?: O;
}

export type YesOrNo = 'yes' | 'no';

/** Yes, no, or not known: each answer with the words it is told by. */
export interface YesNoField extends Described {
  readonly is: 'yes-no';
  readonly options: Readonly<Record<YesOrNo, string>>;
  /** What is taken where nothing was answered. */
  readonly usual?: YesOrNo;
}

/** Words as they were written: a maker, a mark, what was found. */
export interface TextField extends Described {
  readonly is: 'text';
  /** Longest that is kept, in letters. */
  readonly longest: number;
}

/** What a column of a table may be. */
export type CellField = QuantityField | ChoiceField | YesNoField | TextField;
export type Columns = Readonly<Record<string, CellField>>;

/** Rows of the same fields: readings, sections, parts of a load. */
export interface TableField<C extends Columns = Columns> extends Described {
  readonly is: 'table';
  /** What one row is called: `reading`. */
  readonly row: string;
  readonly columns: C;
}

/** A part of the shelf, by its id, with the sizes it had when it was taken. */
export interface PartField<S extends Columns = Columns> extends Described {
  readonly is: 'part';
  readonly sizes: S;
}

export type Field = CellField | TableField | PartField;
export type Fields = Readonly<Record<string, Field>>;

type Words<F extends Described> = Omit<F, 'is' | 'label' | 'how' | 'options' | 'columns' | 'row' | 'sizes'> & { readonly how?: KnownBy };

export const choice = <const O extends string>(
  label: string,
  options: Readonly<Record<O, string>>,
  words: Words<ChoiceField<NoInfer<O>>>,
): ChoiceField<O> => ({ is: 'choice', label, options, how: 'chosen', ...words });

/** @param options what each answer is told by, where that says more than yes or no */
export const yesNo = (label: string, words: Words<YesNoField> & { readonly options?: YesNoField['options'] }): YesNoField => ({
  is: 'yes-no',
  label,
  how: 'chosen',
  ...words,
  options: words.options ?? { yes: 'yes', no: 'no' },
});

export const text = (label: string, words: Omit<Words<TextField>, 'longest'> & { readonly longest?: number }): TextField => ({
  is: 'text',
  label,
  how: 'plate',
  ...words,
  longest: words.longest ?? 120,
});

/** @param row what one row is called */
export const table = <const C extends Columns>(label: string, row: string, columns: C, words: Words<TableField>): TableField<C> => ({
  is: 'table',
  label,
  row,
  columns,
  how: 'measured',
  ...words,
});

/** @param sizes what is taken of it from the shelf */
export const part = <const S extends Columns>(label: string, sizes: S, words: Words<PartField>): PartField<S> => ({
  is: 'part',
  label,
  sizes,
  how: 'chosen',
  ...words,
});

/** What was chosen, answered or written, with the field to name where nothing was. */
export interface Chosen<O extends string = string> {
  readonly is: O | undefined;
  readonly field: string;
}

/** What is in a table, row by row, with the field to name where nothing is. */
export interface Rows<C extends Columns = Columns> {
  readonly rows: readonly InputFigures<C>[];
  readonly field: string;
}

/** What was taken of a part, with the field to name where none was. */
export interface Taken<S extends Columns = Columns> {
  /** Its id on the shelf. */
  readonly is: string | undefined;
  readonly sizes: InputFigures<S>;
  readonly field: string;
}

type FieldWords = Omit<QuantityField, 'is' | 'label' | 'quantity'>;

export const quantity = <const Q extends QuantityName>(label: string, name: Q, words: FieldWords): QuantityField<Q> => ({
  is: 'quantity',
  label,
  quantity: name,
  ...words,
});

/** What a kind works with of one field. */
type InputFigure<F extends Field> =
  F extends QuantityField<infer Q>
    ? Figure<UnitOf<Q>>
    : F extends ChoiceField<infer O>
      ? Chosen<O>
      : F extends YesNoField
        ? Chosen<YesOrNo>
        : F extends TextField
          ? Chosen
          : F extends TableField<infer C>
            ? Rows<C>
            : F extends PartField<infer S>
              ? Taken<S>
              : never;

/** What a kind works with: a figure for each quantity, in its house unit, and what was chosen, written or listed in its other fields. */
export type InputFigures<F extends Fields> = { readonly [K in keyof F]: InputFigure<F[K]> };

/** The house unit of a field. */
export const unitOf = (field: Pick<QuantityField, 'quantity'>) => quantities[field.quantity].unit;
