import {
  type CellField,
  type Put,
  type Row,
  rowName,
  rowsOf,
  type TableField,
  unreadCells,
  withoutRow,
  withPasted,
  withRowAdded,
} from '@hobrek/core';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { type ChangeEvent, memo, useCallback, useEffect, useId, useLayoutEffect, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import { copyText } from '../shared/copy-text.js';
import { focusOnce } from '../shared/focus-once.js';
import { isTouched } from '../shared/is-touched.js';
import { OneStop } from '../shared/one-stop.js';
import { usePreferences } from '../shared/preferences.js';
import { takeFile } from '../shared/take-file.js';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { onPage } from './focus-field.js';
import { HelpMark } from './help-mark.js';
import { useOpen, useSession } from './here.js';
import { type CellKey, TableCell } from './table-cell.js';

/** Tables of more rows are scrolled in a box of their own, and only the rows in sight are on the page. */
const mostOnPage = 30;
const row_px = 34;
const touchedRow_px = 46;
/** Faults that are told at once; the others are counted. */
const mostTold = 4;

const rowId = (): string => `r${newId().replaceAll('-', '').slice(0, 12)}`;

const papers = () => import('@hobrek/papers');

/** Rows of the same fields, entered by keys, pasted from a spreadsheet, or brought in as CSV. */
export const Table = memo(function Table({ path, field, input }: EntryShown<TableField>) {
  const open = useOpen();
  const id = useId();
  const [says, setSays] = useState<readonly string[]>([]);
  const rows = rowsOf(input);
  // Handlers that never change: a key in one cell draws no other row anew.
  const now = useRef({ rows, field, path });
  now.current = { rows, field, path };
  const scroller = useRef<HTMLDivElement>(null);
  const [entered, setEntered] = useState<string | null>(null);
  const isLong = rows.length > mostOnPage;
  const virtual = useVirtualizer({
    count: isLong ? rows.length : 0,
    getScrollElement: () => scroller.current,
    estimateSize: () => (isTouched() ? touchedRow_px : row_px),
    overscan: 8,
    rangeExtractor: (range) => {
      const seen = defaultRangeExtractor(range);
      const at = rows.findIndex((row) => row.id === entered);
      return at < 0 || seen.includes(at) ? seen : [...seen, at].sort((a, b) => a - b);
    },
  });
  const scrollTo = useRef((_: number) => {});
  scrollTo.current = (k) => {
    if (isLong) virtual.scrollToIndex(k);
  };
  const goTo = useCallback(
    (row: number, column: string) => {
      const to = now.current.rows[row];
      if (!to) return;
      scrollTo.current(row);
      focusOnce(() => onPage(open, `[data-path="${CSS.escape(`${now.current.path}/${to.id}/${column}`)}"]`)[0]);
    },
    [open],
  );
  const wanted = useSession(({ cell }) => (cell?.startsWith(`${path}/`) ? cell : null));
  useLayoutEffect(() => {
    if (!wanted) return;
    const [row, column] = wanted.slice(path.length + 1).split('/');
    const at = now.current.rows.findIndex((each) => each.id === row);
    open.session.setState({ cell: null });
    const first = Object.keys(field.columns)[0] ?? '';
    if (at >= 0) goTo(at, column ?? first);
  }, [wanted, path, field, open, goTo]);
  const next = useRef<{ readonly row: number; readonly column: string } | null>(null);
  useEffect(() => {
    const to = next.current;
    next.current = null;
    if (to && rows.length > 0) goTo(Math.min(to.row, rows.length - 1), to.column);
  });
  const add = useCallback(
    (after?: string, column?: string) => {
      const { rows: before, field: of, path: at } = now.current;
      const row: Row = { id: rowId(), inputs: {} };
      next.current = { row: after === undefined ? before.length : before.findIndex((each) => each.id === after) + 1, column: column ?? firstOf(of) };
      open.rowsChanged(at, (table) => withRowAdded(of, table, row, after));
    },
    [open],
  );
  const takeOut = useCallback(
    (row: string, column?: string) => {
      const { rows: before, field: of, path: at } = now.current;
      if (column !== undefined) next.current = { row: before.findIndex((each) => each.id === row), column };
      open.rowsChanged(at, (table) => withoutRow(of, table, row));
    },
    [open],
  );
  const pressed = useCallback(
    (cell: string, key: CellKey) => {
      const { rows: all, field: of, path: at } = now.current;
      const [row = '', column = ''] = cell.slice(at.length + 1).split('/');
      const k = all.findIndex((each) => each.id === row);
      const names = Object.keys(of.columns);
      const beside = names[names.indexOf(column) + (key === 'behind' ? 1 : -1)];
      if (key === 'add') add(row, column);
      else if (key === 'take-out') takeOut(row, column);
      else if (key === 'below' && k === all.length - 1) add(undefined, column);
      else if (key === 'below' || key === 'above') goTo(key === 'below' ? k + 1 : k - 1, column);
      else if (beside) goTo(k, beside);
    },
    [add, takeOut, goTo],
  );
  /** Puts several texts in, from a cell on or behind the last row. */
  const put = useCallback(
    async (text: string, cell?: string) => {
      const { field: of, path: at } = now.current;
      const texts = (await papers()).textsIn(text);
      const [row = '', column = ''] = cell ? cell.slice(at.length + 1).split('/') : [];
      let done: Put = { input: undefined, says: [] };
      open.rowsChanged(at, (table) => {
        done = withPasted(of, table, { texts, ...(cell ? { at: { row, column } } : {}), newId: rowId }, usePreferences.getState());
        return done.input;
      });
      setSays(texts.length === 0 ? ['There are no rows in it.'] : done.says);
    },
    [open],
  );
  const pasted = useCallback((cell: string, text: string) => void put(text, cell), [put]);
  const broughtIn = async (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    event.target.value = '';
    if (file && file.size > mostBytes) setSays([`${file.name} is larger than any table: ${mostBytes / 1e6} MB is the most.`]);
    else if (file) await put(await file.text());
  };
  const items = isLong ? virtual.getVirtualItems() : rows.map((_, index) => ({ index, start: 0, end: 0 }));
  const [above, below] = isLong ? [items[0]?.start ?? 0, virtual.getTotalSize() - (items.at(-1)?.end ?? 0)] : [0, 0];
  const preferences = usePreferences();
  const faults = [...says, ...unreadCells(field, input, preferences)];
  return (
    <section data-table={path} aria-label={field.label} className="col-span-full">
      <div className="flex items-baseline text-sm text-soft pointer-coarse:items-center">
        {field.label}
        <HelpMark id={id} field={field} />
      </div>
      {rows.length > 0 && (
        <div ref={scroller} className={isLong ? 'max-h-80 overflow-y-auto' : ''}>
          <table aria-rowcount={rows.length + 1} className="w-full table-fixed border-collapse">
            <thead className="sticky top-0 bg-ground">
              <tr>
                <th scope="col" className="w-10 text-left text-sm font-normal text-soft">
                  <span className="sr-only">{field.row}</span>
                </th>
                {Object.entries(field.columns).map(([name, column]) => (
                  <th key={name} scope="col" className="border-b-[1.5px] border-ink text-left text-sm font-normal text-soft">
                    {headOf(column)}
                  </th>
                ))}
                <td className="w-8" />
              </tr>
            </thead>
            <tbody onFocus={(event) => setEntered((event.target as HTMLElement).closest('tr')?.dataset.row ?? null)} onBlur={() => setEntered(null)}>
              {above > 0 && <tr style={{ height: above }} />}
              {items.map(({ index }) => {
                const row = rows[index];
                return (
                  row && (
                    <TableRow
                      key={row.id}
                      table={path}
                      field={field}
                      row={row}
                      k={index}
                      pressed={pressed}
                      pasted={pasted}
                      takeOut={takeOut}
                      describedBy={`${id}-keys`}
                    />
                  )
                );
              })}
              {below > 0 && <tr style={{ height: below }} />}
            </tbody>
          </table>
        </div>
      )}
      <Contested path={path} />
      <div role="status" className="text-sm text-fails-word">
        {faults.slice(0, mostTold).map((fault) => (
          <p key={fault}>{fault}</p>
        ))}
        {faults.length > mostTold && <p>and {faults.length - mostTold} more</p>}
      </div>
      <OneStop role="toolbar" aria-label={`${field.label}: rows`} className="mt-1 flex flex-wrap items-baseline gap-x-5 text-sm">
        <Act says={`add a ${field.row}`} act={() => add()} />
        {rows.length > 0 && (
          <>
            <Act
              says="copy"
              act={async () => {
                const copied = await copyText((await papers()).entriesToPaste(field, input));
                setSays(copied ? [] : ['The browser did not let it be copied: take the CSV.']);
              }}
            />
            <Act says="CSV" act={async () => takeFile(field.label, '.csv', 'text/csv', (await papers()).entriesCsv(field, input))} />
          </>
        )}
        <label className="cursor-pointer text-blue focus-within:outline-2 focus-within:outline-blue hover:underline pointer-coarse:flex pointer-coarse:min-h-11 pointer-coarse:items-center">
          rows from a CSV file
          <input type="file" accept=".csv,.tsv,.txt,text/csv" className="sr-only" onChange={(event) => void broughtIn(event)} />
        </label>
        <span id={`${id}-keys`} className="text-soft max-sm:sr-only">
          Enter: next row; Alt+Enter: a row below; Alt+Delete: take it out; several cells can be pasted
        </span>
      </OneStop>
    </section>
  );
});

/** A file of so many bytes holds more rows than any table. */
const mostBytes = 2_000_000;

function Act({ says, act }: { says: string; act: () => unknown }) {
  return (
    <button type="button" className="cursor-pointer text-blue hover:underline" onClick={() => void act()}>
      {says}
    </button>
  );
}

interface RowShown {
  readonly table: string;
  readonly field: TableField;
  readonly row: Row;
  readonly k: number;
  readonly pressed: (path: string, key: CellKey) => void;
  readonly pasted: (path: string, text: string) => void;
  readonly takeOut: (row: string) => void;
  readonly describedBy: string;
}

/** Drawn anew only when something of the row changes. */
const TableRow = memo(function TableRow({ table, field, row, k, pressed, pasted, takeOut, describedBy }: RowShown) {
  const name = rowName(field, k);
  return (
    <tr data-row={row.id} aria-rowindex={k + 2} className="border-b border-hair">
      <th scope="row" className="text-left text-sm font-normal text-soft">
        <span aria-hidden="true">{k + 1}</span>
        <span className="sr-only">{name}</span>
      </th>
      {Object.entries(field.columns).map(([column, of]) => (
        <td key={column} className="border-l border-hair p-0">
          <TableCell
            path={`${table}/${row.id}/${column}`}
            field={of}
            input={row.inputs[column]}
            called={`${of.label}, ${name}`}
            pressed={pressed}
            pasted={pasted}
            describedBy={describedBy}
          />
        </td>
      ))}
      <td className="p-0 text-center">
        <button
          type="button"
          tabIndex={-1}
          aria-label={`take out ${name}`}
          className="min-h-6 min-w-6 cursor-pointer text-soft hover:text-ink"
          onClick={() => takeOut(row.id)}
        >
          ×
        </button>
      </td>
    </tr>
  );
});

/** What a column is, and in which unit a bare number of it is read. */
const headOf = (column: CellField): string => (column.is === 'quantity' && column.bare ? `${column.label}, ${column.bare}` : column.label);

const firstOf = ({ columns }: TableField): string => Object.keys(columns)[0] ?? '';
