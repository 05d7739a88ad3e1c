import * as Dialog from '@radix-ui/react-dialog';
import { memo, type ReactNode } from 'react';
import type { Coming } from './shed-entry.js';

interface Sheet extends RowsProps {
  readonly close: () => void;
  /** How many would be imported now. */
  readonly toDo: number;
  readonly bring: () => void;
  /** How far it is; empty while nothing is done. */
  readonly busy: string;
  readonly stop: ReactNode;
}

/** What each build of a file will become, before anything is done. */
export function BringInSheet({ coming, wanted, setWanted, close, toDo, bring, busy, stop }: Sheet) {
  return (
    <Dialog.Root open onOpenChange={(open) => open || close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 w-[38rem] max-w-[calc(100vw-24px)] -translate-x-1/2 border border-ink bg-sheet p-5 text-ink"
        >
          <Dialog.Title className="font-head text-xl tracking-wide text-blue uppercase">Import</Dialog.Title>
          {coming.length > 1 && <p className="text-soft">{tally(coming)}</p>}
          <Rows coming={coming} wanted={wanted} setWanted={setWanted} />
          <div className="mt-4 flex gap-5" aria-live="polite">
            {busy ? (
              <>
                {busy}
                {stop}
              </>
            ) : (
              <>
                {toDo > 0 && (
                  <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={bring}>
                    {toDo === 1 ? 'Import' : `Import ${toDo}`}
                  </button>
                )}
                <Dialog.Close className="cursor-pointer hover:underline">{toDo > 0 ? 'Leave it' : 'Close'}</Dialog.Close>
              </>
            )}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

interface RowsProps {
  readonly coming: readonly Coming[];
  readonly wanted: ReadonlySet<string>;
  readonly setWanted: (change: (now: ReadonlySet<string>) => ReadonlySet<string>) => void;
}

/** They may be thousands, and how far it is changes many times a second: drawn again only when they themselves change. */
const Rows = memo(({ coming, wanted, setWanted }: RowsProps) => (
  <ul className="mt-2 max-h-[50vh] overflow-y-auto">
    {coming.map(({ key, name, says, replaces, bring: can }) => (
      <li key={key} className="border-b border-hair py-1.5">
        <b>{name}</b>: {says}
        {replaces && can && (
          <label className="flex cursor-pointer items-baseline gap-2 text-sm">
            <input
              type="checkbox"
              checked={wanted.has(key)}
              onChange={(event) => setWanted((now) => (event.target.checked ? new Set([...now, key]) : new Set([...now].filter((k) => k !== key))))}
            />
            replace what is here by the file’s; the log can restore that
          </label>
        )}
      </li>
    ))}
  </ul>
));

function tally(coming: readonly Coming[]): string {
  const fresh = coming.filter(({ bring, replaces }) => bring && !replaces).length;
  const differ = coming.filter(({ replaces }) => replaces).length;
  const parts = [`${fresh} to be put into the shed`, `${differ} here already and different`, `${coming.length - fresh - differ} with nothing to do`];
  return `${coming.length} builds: ${parts.join(', ')}.`;
}
