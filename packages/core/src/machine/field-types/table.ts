import type { TableField } from '../../kinds/fields.js';
import { longestText } from '../../quantity/read-quantity.js';
import type { Row } from '../build.js';
import { same } from '../same.js';
import { cellChanges, cellFigures, cellsTake, cellWords, settleCells, type TypeOf } from './cells.js';
import type { FieldType } from './field-type.js';
import { mostRows, rowName, rowsOf } from './rows.js';

/** More changed rows than so many are counted, not told one by one. */
const mostTold = 6;

/** Rows that are shown where a table is told in a line. */
const mostShown = 3;

/** Rows of the same fields. Its cells are entries like any other, each with a path of its own: `main/work/readings/r1/drawn`. */
export const tableType = (typeOf: TypeOf): FieldType<TableField> => ({
  enter: ({ label, how }, text, before) => {
    const says = `${label} is a table: it is entered row by row, or pasted from a spreadsheet`;
    const input = { ...(before ?? { text: '', how }), draft: text.slice(0, longestText) };
    return { input, reading: { ok: false, code: 'no-number', says } };
  },
  words: (field, input) => {
    const rows = rowsOf(input);
    if (rows.length === 0) return '';
    const few = rows.slice(0, mostShown).map(({ inputs }) => cellWords(typeOf, field.columns, inputs) || 'empty');
    return `${rows.length === 1 ? '1 row' : `${rows.length} rows`}: ${few.join('; ')}${rows.length > mostShown ? ' …' : ''}`;
  },
  changes: (field, was, is) => {
    const [before, after] = [rowsOf(was), rowsOf(is)];
    return [...changedRows(typeOf, field, before, after), ...otherRows(typeOf, field, before, after)];
  },
  isEntered: (input) => rowsOf(input).length > 0,
  fits: (field, from) => from?.is === 'table' && same(typesIn(from), typesIn(field)),
  figure: ({ columns }, input, path) => {
    let rows: unknown;
    return {
      field: path,
      // Made when they are read: a table that nothing reads costs nothing.
      get rows() {
        rows ??= rowsOf(input).map(({ id, inputs }) => cellFigures(typeOf, columns, inputs, `${path}/${id}`));
        return rows;
      },
    };
  },
  settle: (field, input) => {
    const notices: string[] = [];
    const refused: { at: string; says: string }[] = [];
    const rows = rowsOf(input).map((row, k) => {
      const done = settleCells(typeOf, field.columns, row.inputs);
      const named = (says: string) => `${field.label}, ${rowName(field, k)}: ${says}`;
      notices.push(...done.notices.map(named));
      refused.push(...done.refused.map(({ at, says }) => ({ at: `${row.id}/${at}`, says: named(says) })));
      return done.inputs === row.inputs ? row : { ...row, inputs: done.inputs };
    });
    const isChanged = rows.some((row, k) => row !== rowsOf(input)[k]);
    return { input: rows.length === 0 && input.draft === undefined ? undefined : isChanged ? { ...input, rows } : input, notices, refused };
  },
  options: () => null,
  takes: ({ columns }) => ({ as: 'rows', range: `at most ${mostRows}, each of: ${cellsTake(typeOf, columns)}`, usual: '' }),
});

const typesIn = ({ columns }: TableField): object =>
  Object.fromEntries(Object.entries(columns).map(([name, field]) => [name, field.is === 'quantity' ? field.quantity : field.is]));

/** Of rows that both have, each cell that changed. */
function changedRows(typeOf: TypeOf, field: TableField, before: readonly Row[], after: readonly Row[]): string[] {
  const was = new Map(before.map((row) => [row.id, row]));
  const changed = after.flatMap((row, k) => {
    const old = was.get(row.id);
    return old && !same(old, row) ? [{ old, row, k }] : [];
  });
  if (changed.length > mostTold) return [`${field.label}: ${changed.length} rows changed`];
  return changed.flatMap(({ old, row, k }) => cellChanges(typeOf, field.columns, old.inputs, row.inputs, `${field.label}, ${rowName(field, k)}: `));
}

/** Rows that only one has, and rows in another order. */
function otherRows(typeOf: TypeOf, field: TableField, before: readonly Row[], after: readonly Row[]): string[] {
  const idsOf = (rows: readonly Row[]) => new Set(rows.map(({ id }) => id));
  const [old, now] = [idsOf(before), idsOf(after)];
  const told = (rows: readonly Row[], others: ReadonlySet<string>, did: string): string[] => {
    const these = rows.flatMap((row, k) => (others.has(row.id) ? [] : [{ row, k }]));
    if (these.length > mostTold) return [`${field.label}: ${these.length} rows ${did}`];
    return these.map(({ row, k }) => `${field.label}: ${rowName(field, k)} ${did} (${cellWords(typeOf, field.columns, row.inputs) || 'empty'})`);
  };
  const common = (rows: readonly Row[], others: ReadonlySet<string>) => rows.flatMap(({ id }) => (others.has(id) ? [id] : []));
  const isInOrder = same(common(before, now), common(after, old));
  return [...told(after, old, 'added'), ...told(before, now, 'taken out'), ...(isInOrder ? [] : [`${field.label}: rows in another order`])];
}
