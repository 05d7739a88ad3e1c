import type { TableField } from '../kinds/fields.js';
import type { ReadingSettings } from '../quantity/read-quantity.js';
import type { Input, Row } from './build.js';
import { enter } from './enter.js';
import { mostRows, rowName, rowsOf, withEntry } from './field-types/rows.js';

/** A table with these rows; nothing where there are none. */
export const withRows = ({ how }: TableField, before: Input | undefined, rows: readonly Row[]): Input | undefined =>
  rows.length === 0 ? undefined : { text: '', how: before?.how ?? how, ...(before?.note === undefined ? {} : { note: before.note }), rows };

/** @param after id of the row that it follows; the last where it is left out or not there */
export function withRowAdded(field: TableField, input: Input | undefined, row: Row, after?: string): Input | undefined {
  const rows = rowsOf(input);
  if (rows.length >= mostRows) return input;
  const at = rows.findIndex(({ id }) => id === after) + 1 || rows.length;
  return withRows(field, input, [...rows.slice(0, at), row, ...rows.slice(at)]);
}

export const withoutRow = (field: TableField, input: Input | undefined, row: string): Input | undefined =>
  withRows(
    field,
    input,
    rowsOf(input).filter(({ id }) => id !== row),
  );

/** What is to be put into a table, cell by cell. */
export interface Pasted {
  /** Rows of texts, as a spreadsheet copies them. */
  readonly texts: readonly (readonly string[])[];
  /** The row and the column that the first of them goes to; behind the last row, from the first column, where the row is left out. */
  readonly at?: { readonly row: string; readonly column: string };
  /** Ids for rows that are new. */
  readonly newId: () => string;
}

export interface Put {
  /** The table with all of it; as it was where it did not fit. */
  readonly input: Input | undefined;
  /** What was left out, and why. A cell that is not read is in its place, as it was typed. */
  readonly says: readonly string[];
}

/**
 * Puts texts into a table as if each had been typed in its cell: a spreadsheet's columns in the order of the table's, or named by a first row. Rows that are not
 * there are added. More rows than a table holds change nothing.
 */
export function withPasted(field: TableField, input: Input | undefined, { texts, at, newId }: Pasted, settings: ReadingSettings = {}): Put {
  const names = Object.keys(field.columns);
  const filled = texts.filter((row) => row.some((text) => text.trim() !== ''));
  const head = headed(field, filled[0] ?? []);
  const body = head ? filled.slice(1) : filled;
  const before = rowsOf(input);
  const from = before.findIndex(({ id }) => id === at?.row);
  const first = from < 0 ? before.length : from;
  if (first + body.length > mostRows)
    return { input, says: [`${field.label} would have ${first + body.length} rows; ${mostRows} is the most. Nothing was put in.`] };
  const columns = head ?? names.slice(from < 0 ? 0 : Math.max(0, names.indexOf(at?.column ?? '')));
  const says: string[] = [];
  const tooWide = body.findIndex((row) => row.slice(columns.length).some((text) => text.trim() !== ''));
  if (tooWide >= 0)
    says.push(
      `${rowName(field, first + tooWide)} has ${body[tooWide]?.length} columns; ${field.label} takes ${columns.length} from there. The others were left out.`,
    );
  const rows = [...before];
  body.forEach((texts, k) => {
    const at = first + k;
    const row = rows[at] ?? { id: newId(), inputs: {} };
    let inputs = row.inputs;
    columns.forEach((name, c) => {
      const column = name === null ? undefined : field.columns[name];
      if (name === null || !column || texts[c] === undefined) return;
      inputs = withEntry(inputs, name, enter(column, texts[c], inputs[name], settings).input);
    });
    rows[at] = { ...row, inputs };
  });
  return { input: withRows(field, input, rows), says: [...unnamed(head, filled[0] ?? []), ...says] };
}

/** Each cell that is not read, by its row, with its reason: `Reading 3: Drawn from the wall does not …`. */
export const unreadCells = (field: TableField, input: Input | undefined, settings: ReadingSettings = {}): string[] =>
  rowsOf(input).flatMap(({ inputs }, k) =>
    Object.entries(field.columns).flatMap(([name, column]) => {
      const draft = inputs[name]?.draft;
      if (draft === undefined) return [];
      const { reading } = enter(column, draft, undefined, settings);
      const called = rowName(field, k);
      return typeof reading === 'object' && !reading.ok ? [`${called.charAt(0).toUpperCase()}${called.slice(1)}: ${reading.says}`] : [];
    }),
  );

/** The columns that a first row names, by label or by name, null where it names none; null in all where it is no head but a row like the others. */
function headed({ columns }: TableField, first: readonly string[]): readonly (string | null)[] | null {
  const named = first.map((text) => {
    const written = plain(text);
    return Object.entries(columns).find(([name, { label }]) => written !== '' && [plain(name), plain(label)].includes(written))?.[0] ?? null;
  });
  return named.some((name) => name !== null) ? named : null;
}

const plain = (text: string): string => text.trim().toLowerCase();

const unnamed = (head: readonly (string | null)[] | null, first: readonly string[]): string[] => {
  const strange = head ? first.filter((text, k) => head[k] === null && text.trim() !== '') : [];
  return strange.length === 0 ? [] : [`No column is called ${strange.map((text) => `“${text.trim()}”`).join(', ')}: left out.`];
};

/** The texts of a table as a spreadsheet takes them: its columns by their labels, then each row as it was typed. Half-typed texts go with it. */
export function textsOf({ columns }: TableField, input: Input | undefined): string[][] {
  const names = Object.keys(columns);
  return [Object.values(columns).map(({ label }) => label), ...rowsOf(input).map(({ inputs }) => names.map((name) => textOf(inputs[name])))];
}

const textOf = (input: Input | undefined): string => input?.draft ?? input?.text ?? '';
