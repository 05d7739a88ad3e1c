import type { ListedBuild } from '@hobrek/contracts';
import { type Build, buildFormat } from '@hobrek/core';
import { Dialog } from 'radix-ui';
import { type ChangeEvent, useRef, useState } from 'react';
import { AskError, send } from '../../shared/ask.js';

interface Read {
  readonly file: string;
  readonly build: Build | null;
  /** What will happen to it, or why nothing can. */
  readonly says: string;
}

/** Build files from this device: what each will become is said before anything is done; nothing that is there is replaced. */
export function BringIn({ known, done }: { known: readonly ListedBuild[]; done: () => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<readonly Read[]>([]);
  const close = () => setRead([]);
  const chosen = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    setRead(await Promise.all(files.map((file) => readFile(file, known))));
  };
  const bring = async () => {
    const after = await Promise.all(read.map(sent));
    done();
    const refused = after.filter((each) => each.build);
    setRead(refused);
  };
  return (
    <>
      <button type="button" className="cursor-pointer py-1 text-base text-blue hover:underline" onClick={() => input.current?.click()}>
        Bring in a file
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
      <Dialog.Root open={read.length > 0} onOpenChange={(open) => open || close()}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 bg-ink/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed top-1/4 left-1/2 w-[34rem] max-w-[calc(100vw-24px)] -translate-x-1/2 border border-ink bg-sheet p-5 text-ink"
          >
            <Dialog.Title className="font-head text-xl tracking-wide text-blue uppercase">Bring in</Dialog.Title>
            <ul className="mt-2 max-h-[50vh] overflow-y-auto">
              {read.map(({ file, says }) => (
                <li key={file} className="border-b border-hair py-1.5">
                  <b>{file}</b>: {says}
                </li>
              ))}
            </ul>
            <div className="mt-4 flex gap-5">
              {read.some((each) => each.build) && (
                <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={() => void bring()}>
                  Bring in
                </button>
              )}
              <Dialog.Close className="cursor-pointer hover:underline">Leave it</Dialog.Close>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}

async function readFile(file: File, known: readonly ListedBuild[]): Promise<Read> {
  const no = (says: string): Read => ({ file: file.name, build: null, says });
  let raw: unknown;
  try {
    raw = JSON.parse(await file.text());
  } catch {
    return no('is not JSON: it may be damaged, or another kind of file. Nothing was brought in.');
  }
  const build = raw as Partial<Build> | null;
  if (typeof build !== 'object' || build?.format !== buildFormat) return no(`is JSON, but not a build: it lacks “format”: “${buildFormat}”.`);
  const name = String(build.name ?? 'a build without a name');
  const twin = known.some((listed) => listed.name === name);
  return {
    file: file.name,
    build: build as Build,
    says: `“${name}” will be put into the shed${twin ? ', beside one of the same name, which stays as it is' : ''}.`,
  };
}

/** The server reads it as it reads anything that comes in, and says where it is wrong. */
async function sent(read: Read): Promise<Read> {
  if (!read.build) return read;
  try {
    await send('POST', 'builds', read.build);
    return { ...read, build: null, says: 'is in the shed now.' };
  } catch (problem) {
    return { ...read, says: `was not brought in: ${problem instanceof AskError ? problem.message : 'it could not be sent'}` };
  }
}
