import type { DeletedBuild, StoredBuild } from '@hobrek/contracts';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { ago, daysLeft } from '../../shared/dates.js';
import { PageHead } from '../../shared/page-head.js';

/** For so many days a deleted build can be brought back. */
const kept_days = 30;

/** What was deleted and is still there, each to be restored with its log, notes and photos. */
export function DeletedPage() {
  const deleted = useQuery({ queryKey: ['deleted'], queryFn: () => ask<DeletedBuild[]>('builds/deleted'), staleTime: 0, gcTime: 0 });
  const bringBack = useMutation({
    mutationFn: ({ id }: DeletedBuild) => send<StoredBuild>('POST', `builds/${id}/bring-back`, {}),
    onSettled: () => deleted.refetch(),
  });
  const failed = bringBack.error ?? deleted.error;
  const back = bringBack.data;
  return (
    <>
      <title>Deleted builds · Hobrek</title>
      <PageHead>
        <h1 className="font-head text-xl">Deleted builds</h1>
      </PageHead>
      <main className="px-6 py-4 max-sm:px-4">
        {failed && <p className="text-fails-word">{failed.message}</p>}
        {back && (
          <p role="status" className="mb-3 bg-wash px-3 py-2">
            {back.build.name} is in the shed again.{' '}
            <Link to={`/builds/${back.id}`} className="text-blue underline">
              Open it
            </Link>
          </p>
        )}
        <p className="max-w-prose">
          A build that was deleted stays here for {kept_days} days, with its log, its notes and its photos. Then it is gone for good.
        </p>
        {deleted.data?.length === 0 && <p className="mt-4 text-soft">Nothing was deleted in the last {kept_days} days.</p>}
        <ul className="mt-4 max-w-3xl border-t border-ink empty:hidden">
          {deleted.data?.map((each) => (
            <li key={each.id} className="grid grid-cols-[1fr_auto] items-baseline gap-x-6 border-b border-hair py-2">
              <span>
                <span className="font-head text-lg">{each.name}</span> <span className="text-soft">{each.path}</span>
              </span>
              <button
                type="button"
                className="cursor-pointer font-semibold text-blue hover:underline"
                aria-label={`restore ${each.name}`}
                disabled={bringBack.isPending}
                onClick={() => bringBack.mutate(each)}
              >
                restore
              </button>
              <span className="col-span-2 text-sm text-soft">
                deleted {ago(each.deletedAt)}, kept for {inDays(each)} more
              </span>
            </li>
          ))}
        </ul>
      </main>
    </>
  );
}

function inDays({ deletedAt }: DeletedBuild): string {
  const days = daysLeft(deletedAt, kept_days);
  return days === 1 ? 'one day' : `${days} days`;
}
