import type { ListedBuild, ListOrder } from '@hobrek/contracts';
import { keepPreviousData, type QueryClient, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { ask } from '../../shared/ask.js';
import { type Change, hearChanges } from '../../shared/changes.js';
import { useUnits } from '../../shared/preferences.js';

/** So many are fetched at once: a few windows full, so that none of them holds up a frame for long. */
const portion = 25;

/** The first of a list, how many there are, and what was looked for to find them. */
interface Beginning {
  readonly query: string;
  readonly many: number;
  readonly rows: readonly ListedBuild[];
}

export interface List {
  readonly many: number;
  /** The build in that place; nothing while it is on its way. */
  readonly at: (index: number) => ListedBuild | undefined;
  readonly error: Error | null;
  readonly reload: () => void;
}

/**
 * The builds of the shed of which a window is shown, fetched in portions as the window comes to them. What was found before stays until something else
 * is found. A build that is saved elsewhere is told of anew in its own row, and in no other.
 * @param from and to, the places that are shown
 */
export function useList(find: string, order: ListOrder, from: number, to: number): List | null {
  const units = useUnits();
  const asks = new URLSearchParams({ find, sort: order, units, many: String(portion) }).toString();
  const first = useQuery({
    queryKey: ['builds', asks, 0],
    queryFn: async (): Promise<Beginning> => {
      const [rows, { builds }] = await Promise.all([
        ask<ListedBuild[]>(`builds?${asks}`),
        ask<{ builds: number }>(`builds/count?find=${encodeURIComponent(find)}`),
      ]);
      return { query: asks, many: builds, rows };
    },
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
  const begun = first.data;
  const shown = portionsOf(from, Math.min(to, (begun?.many ?? 0) - 1));
  const others = useQueries({
    queries: shown.map((k) => ({
      queryKey: ['builds', begun?.query ?? '', k],
      queryFn: () => ask<ListedBuild[]>(`builds?${begun?.query}&from=${k * portion}`),
      staleTime: 0,
      gcTime: 0,
    })),
  });
  const client = useQueryClient();
  const reload = useCallback(() => void client.invalidateQueries({ queryKey: ['builds'] }), [client]);
  useEffect(() => hearChanges((change) => void changed(client, change, units)), [client, units]);
  if (!begun) return first.error ? { many: 0, at: () => undefined, error: first.error, reload } : null;
  return {
    many: begun.many,
    at: (index) => {
      const k = Math.floor(index / portion);
      const rows = k === 0 ? begun.rows : others[shown.indexOf(k)]?.data;
      return rows?.[index % portion];
    },
    error: first.error ?? others.find(({ error }) => error)?.error ?? null,
    reload,
  };
}

/** The portions behind the first that such places lie in. */
function portionsOf(from: number, to: number): number[] {
  const [first, last] = [Math.max(1, Math.floor(from / portion)), Math.floor(to / portion)];
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => first + k);
}

/** One row is told of anew; what is not in what was fetched, or is no longer there, changes the list itself. */
async function changed(client: QueryClient, change: Change, units: string): Promise<void> {
  const listed =
    'id' in change && isFetched(client, change.id) ? await ask<ListedBuild>(`builds/${change.id}/listed?units=${units}`).catch(() => null) : null;
  if (!listed) return client.invalidateQueries({ queryKey: ['builds'] });
  const told = (rows: readonly ListedBuild[]) =>
    rows.some(({ id }) => id === listed.id) ? rows.map((row) => (row.id === listed.id ? listed : row)) : rows;
  client.setQueriesData<Fetched>({ queryKey: ['builds'] }, (data) => {
    if (!data) return data;
    return 'rows' in data ? { ...data, rows: told(data.rows) } : told(data);
  });
}

type Fetched = Beginning | readonly ListedBuild[];

const isFetched = (client: QueryClient, id: string): boolean =>
  client
    .getQueriesData<Fetched>({ queryKey: ['builds'] })
    .some(([, data]) => data && ('rows' in data ? data.rows : data).some((row) => row.id === id));
