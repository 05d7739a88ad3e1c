import type { ListedBuild } from '@hobrek/contracts';
import * as Dialog from '@radix-ui/react-dialog';
import { type ChangeEvent, memo, useRef, useState } from 'react';
import { AskError, ask } from '../../shared/ask.js';
import type { Coming } from './shed-entry.js';
import { readShedFile } from './shed-file.js';

/** What the builds in the shed are called; as far as could be asked. */
async function namesInShed(): Promise<ReadonlySet<string>> {
  const names = new Set<string>();
  for (let from = 0; ; from += 100) {
    const rows = await ask<ListedBuild[]>(`builds?from=${from}`).catch(() => []);
    for (const { name } of rows) names.add(name);
    if (rows.length === 0) return names;
  }
}

/** Build files and whole sheds from this device: what each will become is said before anything is done; nothing is replaced unasked. */
export function BringIn({ done }: { done: () => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [coming, setComing] = useState<readonly Coming[]>([]);
  const [wanted, setWanted] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState('');
  const stopped = useRef(false);
  const close = () => {
    setComing([]);
    setWanted(new Set());
  };
  const chosen = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    stopped.current = false;
    setBusy('Reading …');
    const read: Coming[] = [];
    const names = await namesInShed();
    for (const file of files) read.push(...(await readShedFile(file, names, { says: setBusy, isStopped: () => stopped.current })));
    setBusy('');
    setComing(read);
  };
  const bring = async () => {
    stopped.current = false;
    const after: Coming[] = [];
    for (const [k, each] of coming.entries()) {
      // What was not begun when it was stopped is still there to be imported.
      if (stopped.current) after.push(each);
      else {
        const at = `Importing ${k + 1} of ${coming.length}`;
        setBusy(`${at} …`);
        after.push(await brought(each, wanted.has(each.key), { says: (what) => setBusy(`${at}: ${what} …`), isStopped: () => stopped.current }));
      }
    }
    setBusy('');
    done();
    setWanted(new Set());
    const open = after.filter((each) => each.bring || each.isOdd);
    setComing(open.length > 0 || after.length > 1 ? after : []);
  };
  const toDo = coming.filter(({ key, bring: can, replaces }) => can && (!replaces || wanted.has(key))).length;
  const stop = (
    <button
      type="button"
      className="cursor-pointer text-blue hover:underline"
      onClick={() => {
        stopped.current = true;
      }}
    >
      Stop
    </button>
  );
  return (
    <>
      {coming.length === 0 && busy ? (
        <span className="py-1" role="status">
          {busy} {stop}
        </span>
      ) : (
        <button type="button" className="cursor-pointer py-1 text-base text-blue hover:underline" onClick={() => input.current?.click()}>
          Import a file
        </button>
      )}
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        multiple
        hidden
        data-testid="bring-in"
        onChange={(event) => void chosen(event)}
      />
      <Dialog.Root open={coming.length > 0} onOpenChange={(open) => open || close()}>
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
                    <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={() => void bring()}>
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
    </>
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

async function brought(each: Coming, replace: boolean, progress: Parameters<NonNullable<Coming['bring']>>[1]): Promise<Coming> {
  const { bring, replaces, ...rest } = each;
  if (!bring || (replaces && !replace)) return { ...rest };
  try {
    return { ...rest, ...(await bring(replace, progress)) };
  } catch (problem) {
    return {
      ...each,
      says: `was not imported: ${problem instanceof AskError ? problem.message : problem instanceof DOMException ? 'the file was changed, or is gone' : 'it could not be sent'}`,
    };
  }
}
