import type { Looked, Shed } from '@hobrek/contracts';
import { type Build, buildFormat, shedFormat, shedVersion } from '@hobrek/core';
import { Dialog } from 'radix-ui';
import { type ChangeEvent, useRef, useState } from 'react';
import { AskError, ask, send } from '../../shared/ask.js';

type Entry = Shed['builds'][number];

/** One build out of a file: what will happen to it, and how that is done; nothing to do where it cannot be imported or is here already. */
interface Coming {
  readonly key: string;
  readonly name: string;
  readonly says: string;
  /** Asked about: it would stand in the place of one that is here. */
  readonly replaces?: boolean;
  readonly bring?: (replace: boolean) => Promise<string>;
}

/** Build files and whole sheds from this device: what each will become is said before anything is done; nothing is replaced unasked. */
export function BringIn({ names, done }: { names: ReadonlySet<string>; done: () => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [coming, setComing] = useState<readonly Coming[]>([]);
  const [wanted, setWanted] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState('');
  const close = () => {
    setComing([]);
    setWanted(new Set());
  };
  const chosen = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    setBusy('Reading …');
    const read: Coming[] = [];
    for (const file of files) read.push(...(await readFile(file, names)));
    setBusy('');
    setComing(read);
  };
  const bring = async () => {
    const after: Coming[] = [];
    for (const [k, each] of coming.entries()) {
      setBusy(`Bringing in ${k + 1} of ${coming.length} …`);
      after.push(await brought(each, wanted.has(each.key)));
    }
    setBusy('');
    done();
    setWanted(new Set());
    const open = after.filter((each) => each.bring);
    setComing(open.length > 0 || after.length > 1 ? after : []);
  };
  const toDo = coming.filter(({ key, bring: can, replaces }) => can && (!replaces || wanted.has(key))).length;
  return (
    <>
      <button type="button" className="cursor-pointer py-1 text-base text-blue hover:underline" onClick={() => input.current?.click()}>
        {coming.length === 0 && busy ? busy : 'Import a file'}
      </button>
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
            <ul className="mt-2 max-h-[50vh] overflow-y-auto">
              {coming.map(({ key, name, says, replaces, bring: can }) => (
                <li key={key} className="border-b border-hair py-1.5">
                  <b>{name}</b>: {says}
                  {replaces && can && (
                    <label className="flex cursor-pointer items-baseline gap-2 text-sm">
                      <input
                        type="checkbox"
                        checked={wanted.has(key)}
                        onChange={(event) =>
                          setWanted((now) => (event.target.checked ? new Set([...now, key]) : new Set([...now].filter((k) => k !== key))))
                        }
                      />
                      replace what is here by the file’s; the log can restore that
                    </label>
                  )}
                </li>
              ))}
            </ul>
            <div className="mt-4 flex gap-5" aria-live="polite">
              {busy || (
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

function tally(coming: readonly Coming[]): string {
  const fresh = coming.filter(({ bring, replaces }) => bring && !replaces).length;
  const differ = coming.filter(({ replaces }) => replaces).length;
  const parts = [`${fresh} to be put into the shed`, `${differ} here already and different`, `${coming.length - fresh - differ} with nothing to do`];
  return `${coming.length} builds: ${parts.join(', ')}.`;
}

async function brought(each: Coming, replace: boolean): Promise<Coming> {
  const { bring, replaces, ...rest } = each;
  if (!bring || (replaces && !replace)) return { ...rest };
  try {
    return { ...rest, says: await bring(replace) };
  } catch (problem) {
    return { ...each, says: `was not imported: ${problem instanceof AskError ? problem.message : 'it could not be sent'}` };
  }
}

/** The server reads what comes in as it reads anything, and says where it is wrong. */
async function readFile(file: File, names: ReadonlySet<string>): Promise<Coming[]> {
  const no = (says: string): Coming[] => [{ key: file.name, name: file.name, says }];
  let raw: unknown;
  try {
    raw = JSON.parse(await file.text());
  } catch {
    return no('is not JSON: it may be damaged, or another kind of file. Nothing was imported.');
  }
  const { format, version, builds } = (raw ?? {}) as { format?: unknown; version?: unknown; builds?: unknown };
  if (format === buildFormat) return [oneBuild(file.name, raw as Build, names)];
  if (format !== shedFormat || !Array.isArray(builds)) return no(`is JSON, but neither a build nor a shed: it lacks “format”: “${buildFormat}”.`);
  if (typeof version === 'number' && version > shedVersion) return no('was written by a newer Hobrek, which is needed to open it.');
  const looked: Coming[] = [];
  // One after the other: a shed may be large, and the server is one.
  for (const [k, entry] of (builds as Entry[]).entries()) looked.push(await look(entry, `${file.name} ${k}`));
  return looked.length > 0 ? looked : no('is a shed with no builds in it.');
}

function oneBuild(file: string, build: Build, names: ReadonlySet<string>): Coming {
  const name = String(build.name ?? 'a build without a name');
  return {
    key: file,
    name: file,
    says: `“${name}” will be put into the shed${names.has(name) ? ', beside one of the same name, which stays as it is' : ''}.`,
    bring: async () => {
      await send('POST', 'builds', build);
      return 'is in the shed now.';
    },
  };
}

async function look(whole: Entry, key: string): Promise<Coming> {
  const named = (whole as Partial<Entry> | null)?.build?.name;
  const { entry, photos } = withoutPhotos(whole);
  try {
    const { name, what, notes, says } = await send<Looked>('POST', 'shed/look', entry);
    const coming = { key, name, says: `${says}.` };
    if (what === 'damaged' || (what === 'same' && notes === 0)) return coming;
    return {
      ...coming,
      replaces: what === 'newer' || what === 'older',
      bring: async (replace) => {
        const done = await send<Looked>('POST', 'shed/bring', { ...entry, ...(replace ? { replace } : {}) });
        const lost = await bringPhotos(entry.id, photos);
        return `${done.says}.${lost > 0 ? ` ${lost} of ${photos.length} photos could not be read.` : ''}`;
      },
    };
  } catch (problem) {
    return {
      key,
      name: String(named ?? 'an entry'),
      says: `cannot be imported: ${problem instanceof AskError ? problem.message : 'it could not be sent'}`,
    };
  }
}

interface HeldPhoto {
  readonly note: string;
  readonly id: string;
  readonly webp: string;
}

/** An entry as it is sent, and the photos in it, which are sent one by one after it. What is no entry stays as it is: the server says what is wrong. */
function withoutPhotos(whole: Entry): { entry: Entry; photos: readonly HeldPhoto[] } {
  const notes: unknown = (whole as Partial<Entry> | null)?.notes;
  if (!Array.isArray(notes)) return { entry: whole, photos: [] };
  const held: HeldPhoto[] = [];
  const bare = (notes as Entry['notes']).map((note) => {
    if (typeof note !== 'object' || note === null || !Array.isArray(note.photos)) return note;
    const { photos, ...words } = note;
    held.push(...photos.map(({ id, webp }) => ({ note: note.id, id, webp })));
    return words;
  });
  return { entry: { ...whole, notes: bare }, photos: held };
}

/** @returns how many could not be imported */
async function bringPhotos(build: string, photos: readonly HeldPhoto[]): Promise<number> {
  let lost = 0;
  for (const { note, id, webp } of photos) {
    try {
      const body = Uint8Array.from(atob(webp), (letter) => letter.charCodeAt(0));
      await ask(`builds/${build}/notes/${note}/photos/${id}`, { method: 'PUT', headers: { 'content-type': 'image/webp' }, body });
    } catch {
      lost += 1;
    }
  }
  return lost;
}
