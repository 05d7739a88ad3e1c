import type { ListedBuild } from '@hobrek/contracts';
import { defaultRangeExtractor, useWindowVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import { focusOnce } from '../../shared/focus-once.js';
import { BuildRow, type RowActs, rowLink } from './build-row.js';

/** Height of a row at a desk until it is measured, px. */
const usual_px = 136;

interface Rows {
  readonly many: number;
  readonly at: (index: number) => ListedBuild | undefined;
  readonly acts: RowActs;
  /** The build that another is to be laid beside; null until one is chosen. */
  readonly beside: string | null;
  /** Out of the list already, and not yet gone. */
  readonly leaving: string | undefined;
  /** A row to go to: its place, found once, and its build. */
  readonly goal: { readonly place: number; readonly id: string } | null;
  readonly shows: (from: number, to: number) => void;
}

/** The rows of a list that are in sight and a few around them, in a page as long as all of them. */
export function Rows({ many, at, acts, beside, leaving, goal, shows }: Rows) {
  const list = useRef<HTMLUListElement>(null);
  const [above, setAbove] = useState(0);
  // Whoever is in a row by keys stays in it, wherever the page is scrolled to.
  const [entered, setEntered] = useState<number | null>(null);
  const rows = useWindowVirtualizer({
    count: many,
    estimateSize: () => usual_px,
    overscan: 3,
    scrollMargin: above,
    getItemKey: useCallback((index: number) => at(index)?.id ?? index, [at]),
    rangeExtractor: (range) => {
      const seen = defaultRangeExtractor(range);
      return entered === null || entered >= many || seen.includes(entered) ? seen : [...seen, entered].sort((a, b) => a - b);
    },
  });
  useLayoutEffect(() => setAbove(list.current?.offsetTop ?? 0), []);
  const items = rows.getVirtualItems();
  const [first, last] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0];
  useLayoutEffect(() => shows(first, last), [shows, first, last]);
  useLayoutEffect(() => {
    if (!goal) return;
    rows.scrollToIndex(goal.place, { align: 'center' });
    focusOnce(() => document.getElementById(rowLink(goal.id)));
  }, [goal, rows]);
  return (
    <ul ref={list} className="relative" style={{ height: rows.getTotalSize() }}>
      {items.map(({ key, index, start }) => {
        const listed = at(index);
        return (
          <li
            key={key}
            ref={rows.measureElement}
            data-index={index}
            aria-posinset={index + 1}
            aria-setsize={many}
            className="absolute inset-x-0 top-0"
            style={{ transform: `translateY(${start - above}px)` }}
            hidden={listed?.id === leaving && leaving !== undefined}
            onFocus={() => setEntered(index)}
            onBlur={() => setEntered(null)}
          >
            {listed ? (
              <BuildRow listed={listed} acts={acts} beside={beside} />
            ) : (
              <div className="border-b border-hair" style={{ height: usual_px }} />
            )}
          </li>
        );
      })}
    </ul>
  );
}
