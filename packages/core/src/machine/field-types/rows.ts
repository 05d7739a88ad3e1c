import type { TableField } from '../../kinds/fields.js';
import type { Input, Inputs, Row } from '../build.js';

/** Most rows of a table: far above what anybody measures, and what a page still edits at once. */
export const mostRows = 500;

export const rowsOf = (input: Input | undefined): readonly Row[] => input?.rows ?? noRows;
const noRows: readonly Row[] = [];

/** What a row is called: `reading 3`. @param k from nought */
export const rowName = ({ row }: TableField, k: number): string => `${row} ${k + 1}`;

/** The table with one cell changed; every other row stays the same object. A row that is not there is left alone. */
export const withCell = (table: Input, row: string, column: string, cell: Input | undefined): Input => ({
  ...table,
  rows: rowsOf(table).map((each) => (each.id === row ? { ...each, inputs: withEntry(each.inputs, column, cell) } : each)),
});

/** Entries with one of them changed; undefined takes it out. */
export function withEntry(inputs: Inputs, name: string, input: Input | undefined): Inputs {
  const { [name]: _old, ...others } = inputs;
  return input === undefined ? others : { ...others, [name]: input };
}
