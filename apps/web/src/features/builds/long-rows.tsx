import { defaultRangeExtractor, useWindowVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import { focusOnce } from '../../shared/focus-once.js';
import { rowLink } from './build-row.js';
import { OneRow, type RowsShown, usual_px } from './one-row.js';

/** The rows of a list that are in sight and a few around them, in a page as long as all of them. */
export function LongRows({ many, at, acts, beside, leaving, goal, shows }: RowsShown) {
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
            <OneRow listed={listed} acts={acts} beside={beside} />
          </li>
        );
      })}
    </ul>
  );
}
