import type { ListOrder } from '@hobrek/contracts';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

/** A search waits until typing pauses so long. */
const pause_ms = 150;

const orders: readonly ListOrder[] = ['newest', 'worst', 'name'];

/** What is looked for and in which order, in the address: back and a reload come back to it, and to the row that was last gone to. */
export function useFinding() {
  const [search, setSearch] = useSearchParams();
  const find = search.get('find') ?? '';
  const [typed, setTyped] = useState(find);
  const set = useCallback(
    (name: string, value: string) =>
      setSearch(
        (now) => {
          const next = new URLSearchParams(now);
          if (value) next.set(name, value);
          else next.delete(name);
          next.delete('row');
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
  // What the address says counts when it was not typed here: the browser went back.
  const said = useRef(find);
  useEffect(() => {
    if (find !== said.current) setTyped(find);
    said.current = find;
  }, [find]);
  useEffect(() => {
    if (typed === find) return undefined;
    const timer = setTimeout(() => {
      said.current = typed;
      set('find', typed);
    }, pause_ms);
    return () => clearTimeout(timer);
  }, [typed, find, set]);
  return {
    find,
    typed,
    setFind: setTyped,
    order: orders.find((order) => order === search.get('order')) ?? 'newest',
    setOrder: (order: ListOrder) => set('order', order === 'newest' ? '' : order),
    row: search.get('row'),
  };
}

/** Keeps in the address, before the page is left, which row it is left from: back comes back to it. The router reads the address when it is come back to. */
export function leaveFrom(row: string): void {
  const address = new URL(location.href);
  address.searchParams.set('row', row);
  history.replaceState(history.state, '', address);
}
