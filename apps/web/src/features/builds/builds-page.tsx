import type { ListedBuild, ListOrder, StoredBuild } from '@hobrek/contracts';
import { useMutation } from '@tanstack/react-query';
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { Link, useNavigate } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { copied } from '../../shared/copied.js';
import { PageHead } from '../../shared/page-head.js';
import { BringIn } from './bring-in.js';
import { type RowActs, rowLink } from './build-row.js';
import { EmptyShed } from './empty-shed.js';
import { Rows } from './rows.js';
import { useDeletion } from './use-deletion.js';
import { leaveFrom, useFinding } from './use-finding.js';
import { useList } from './use-list.js';

/** All builds, each as the machine it is. */
export function BuildsPage() {
  const navigate = useNavigate();
  const { find, typed, setFind, order, setOrder, row } = useFinding();
  const [shown, setShown] = useState({ from: 0, to: 0 });
  const shows = useCallback((from: number, to: number) => setShown({ from, to }), []);
  const list = useList(find, order, shown.from, shown.to);
  const reload = list?.reload ?? nothing;
  const { goal, leadTo } = useGoal(find, order);
  useEffect(() => {
    if (row) leadTo(row);
  }, [row, leadTo]);
  const copy = useMutation({
    mutationFn: async ({ id, name }: ListedBuild) => {
      const { build } = await ask<StoredBuild>(`builds/${id}`);
      return send<StoredBuild>('POST', 'builds', copied(build, `${name}, copy`));
    },
    onSuccess: ({ id }) => {
      reload();
      leadTo(id);
    },
  });
  const [beside, setBeside] = useState<string | null>(null);
  const deletion = useDeletion(reload);
  const leaving = deletion.leaving?.id;
  const undo = useRef<HTMLButtonElement>(null);
  // Who was on a row that is gone, or on the way back to it, goes on with the row beside it, or with the one that came back.
  const next = useRef<string | undefined>(undefined);
  useEffect(() => {
    if (!leaving && next.current && document.activeElement === document.body) leadTo(next.current);
  }, [leaving, leadTo]);
  const acts = useSteady({
    copy: copy.mutate,
    remove: (build) => {
      next.current = besideRow(build.id);
      flushSync(() => deletion.remove(build));
      undo.current?.focus();
    },
    lay: (id) => {
      if (!beside || beside === id) return setBeside(beside === id ? null : id);
      leaveFrom(id);
      void navigate(`/compare/${beside}/${id}`);
    },
  });
  const failed = copy.error ?? list?.error;
  const many = (list?.many ?? 0) - (leaving ? 1 : 0);
  return (
    <>
      <title>Builds · Hobrek</title>
      <PageHead
        end={
          <>
            <Link to="/start" className="py-1 text-base font-semibold text-blue hover:underline">
              Start a build
            </Link>
            <a href={`/api/shed?find=${encodeURIComponent(find)}`} download className="py-1 text-base text-blue hover:underline">
              {find === '' ? 'Export all' : 'Export these'}
            </a>
            <Link to="/deleted" className="py-1 text-base text-blue hover:underline">
              Deleted
            </Link>
            <Link to="/backups" className="py-1 text-base text-blue hover:underline">
              Backups
            </Link>
            <Link to="/phone" className="py-1 text-base text-blue hover:underline">
              Phone
            </Link>
            <BringIn done={reload} />
          </>
        }
      >
        <h1 className="font-head text-xl">Builds</h1>
        {list && <span className="text-sm text-soft">{tally(many, find !== '')}</span>}
        <Finder find={typed} setFind={setFind} order={order} setOrder={setOrder} />
      </PageHead>
      <main>
        {failed && <p className="mx-6 mt-6 text-fails-word">{failed.message} Nothing is lost; try again in a moment.</p>}
        {deletion.failed && <p className="mx-6 mt-6 text-fails-word">{deletion.failed}</p>}
        {deletion.leaving && (
          <p role="status" className="flex flex-wrap gap-x-4 border-b border-hair bg-wash px-6 py-2 max-sm:px-4">
            {deletion.leaving.name} is deleted.
            <button
              ref={undo}
              type="button"
              className="cursor-pointer text-blue underline"
              onClick={() => {
                next.current = leaving;
                deletion.undo();
              }}
            >
              Undo
            </button>
          </p>
        )}
        {list && many === 0 && find !== '' && <p className="mx-6 mt-6">Nothing in the shed is called so, or says so.</p>}
        {list && many === 0 && find === '' && !leaving && <EmptyShed />}
        {list && list.many > 0 && <Rows many={list.many} at={list.at} acts={acts} beside={beside} leaving={leaving} goal={goal} shows={shows} />}
      </main>
    </>
  );
}

const nothing = () => {};

/** Acts that stay the same while what they do is always the newest: a row is drawn again only for its own sake. */
function useSteady(acts: RowActs): RowActs {
  const newest = useRef(acts);
  useLayoutEffect(() => {
    newest.current = acts;
  });
  return useMemo(
    () => ({ copy: (build) => newest.current.copy(build), remove: (build) => newest.current.remove(build), lay: (id) => newest.current.lay(id) }),
    [],
  );
}

/** The build in the row below, or in the one above the last. */
function besideRow(id: string): string | undefined {
  const row = document.getElementById(rowLink(id))?.closest('li');
  const link = (row?.nextElementSibling ?? row?.previousElementSibling)?.querySelector('a');
  return link?.id.slice(rowLink('').length);
}

/** Where the list is to go, and whom to: its place is looked up, since the list may be in another order by now. */
function useGoal(find: string, order: ListOrder) {
  const [goal, setGoal] = useState<{ place: number; id: string } | null>(null);
  const leadTo = useCallback(
    (id: string) => {
      const query = new URLSearchParams({ find, sort: order }).toString();
      // A build that is no longer there is no place to go to.
      ask<{ place: number | null }>(`builds/${id}/place?${query}`).then(({ place }) => place !== null && setGoal({ place, id }), nothing);
    },
    [find, order],
  );
  return { goal, leadTo };
}

const tally = (many: number, found: boolean): string => `${many === 1 ? 'one' : many} ${found ? 'found' : 'in the shed'}`;

interface Finding {
  readonly find: string;
  readonly setFind: (find: string) => void;
  readonly order: ListOrder;
  readonly setOrder: (order: ListOrder) => void;
}

const orders: readonly (readonly [ListOrder, string])[] = [
  ['newest', 'by change'],
  ['worst', 'worst first'],
  ['name', 'by name'],
];

function Finder({ find, setFind, order, setOrder }: Finding) {
  return (
    <search className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-sm pointer-coarse:gap-y-2">
      <input
        type="search"
        aria-label="find a build"
        placeholder="find by name or sentence"
        value={find}
        onChange={(event) => setFind(event.target.value)}
        className="w-52 border-b border-ink bg-transparent py-0.5 text-base outline-none placeholder:text-soft focus:bg-wash"
      />
      <fieldset className="flex gap-x-3">
        <legend className="sr-only">order</legend>
        {orders.map(([each, says]) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === order}
            className={`min-h-8 cursor-pointer whitespace-nowrap hover:underline ${each === order ? 'underline decoration-brass decoration-2 underline-offset-4' : 'text-soft'}`}
            onClick={() => setOrder(each)}
          >
            {says}
          </button>
        ))}
      </fieldset>
    </search>
  );
}
