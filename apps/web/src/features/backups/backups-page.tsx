import type { Backup } from '@hobrek/contracts';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask, send } from '../../shared/ask.js';
import { ago } from '../../shared/dates.js';
import { PageHead } from '../../shared/page-head.js';

/** The dumps that are kept: when the last one was made, one more, and each to be taken away. */
export function BackupsPage() {
  const client = useQueryClient();
  const backups = useQuery({ queryKey: ['backups'], queryFn: () => ask<Backup[]>('backups'), staleTime: 0, gcTime: 0 });
  const make = useMutation({
    mutationFn: () => send<Backup[]>('POST', 'backups', {}),
    onSuccess: (list) => client.setQueryData(['backups'], list),
  });
  const [last] = backups.data ?? [];
  const failed = make.error ?? backups.error;
  return (
    <>
      <title>Backups · Hobrek</title>
      <PageHead
        end={
          <button
            type="button"
            className="cursor-pointer text-base font-semibold text-blue hover:underline"
            disabled={make.isPending}
            onClick={() => make.mutate()}
          >
            Make one now
          </button>
        }
      >
        <h1 className="font-head text-xl">Backups</h1>
        {backups.data && <span className="text-sm text-soft">{last ? `last made ${ago(last.at)}` : 'none yet'}</span>}
      </PageHead>
      <main className="px-6 py-4 max-sm:px-4">
        {failed && <p className="text-fails-word">{failed.message}</p>}
        <p className="max-w-prose">
          Every build, its log and its notes in one file. One is made each day while Hobrek runs, and the last seven are kept; one before each change
          of the tables; and those you make here, which stay. A backup on the same disk does not outlive the disk: take one away.
        </p>
        <ul className="mt-4 max-w-3xl border-t border-ink">
          {backups.data?.map((backup) => (
            <li key={backup.name} className="flex flex-wrap items-baseline gap-x-6 border-b border-hair py-1.5">
              <a href={`/api/backups/${backup.name}`} download className="text-blue underline">
                {backup.name}
              </a>
              <span className="text-soft">{size(backup.bytes)}</span>
              <span className="ml-auto text-soft">{ago(backup.at)}</span>
              <code className="w-full text-sm break-all text-soft">npm run restore -- {quoted(backup.path)} --over</code>
            </li>
          ))}
        </ul>
        <p className="mt-4 max-w-prose text-soft">
          To put one back, stop Hobrek and say the line under its name where it is installed. Without <code>--over</code> it puts nothing over builds
          that are there; with it, it says what it replaces and keeps a backup of that first. Devices that were let in must be let in again.
        </p>
      </main>
    </>
  );
}

/** A path as a shell takes it. */
const quoted = (path: string) => (/^[\w./-]+$/.test(path) ? path : `'${path.replaceAll("'", `'\\''`)}'`);
const size = (bytes: number) => (bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`);
