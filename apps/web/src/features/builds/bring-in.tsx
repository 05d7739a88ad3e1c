import type { ListedBuild } from '@hobrek/contracts';
import { type ChangeEvent, lazy, Suspense, useRef, useState } from 'react';
import { AskError, ask } from '../../shared/ask.js';
import type { Coming } from './shed-entry.js';

const BringInSheet = lazy(async () => ({ default: (await import('./bring-in-sheet.js')).BringInSheet }));

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
    const [names, { readShedFile }] = await Promise.all([namesInShed(), import('./shed-file.js')]);
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
      {coming.length > 0 && (
        <Suspense>
          <BringInSheet
            coming={coming}
            wanted={wanted}
            setWanted={setWanted}
            close={close}
            toDo={toDo}
            bring={() => void bring()}
            busy={busy}
            stop={stop}
          />
        </Suspense>
      )}
    </>
  );
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
