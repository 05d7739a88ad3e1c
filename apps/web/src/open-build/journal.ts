import { type Build, buildFormat } from '@hobrek/core';
import { v4 as newId } from 'uuid';

/** What was typed on this device and is not yet with the server, and what it was typed on top of. Outlives a reload and a closed tab. */
export interface Unsent {
  readonly base: Build;
  readonly build: Build;
  /** A state on its way when this was written: the server may have it, its answer unheard. */
  readonly sent?: Build;
}

const prefix = 'hobrek:unsent:';
const pageLock = (of: string) => `hobrek:page:${of}`;

/** A name for this page as long as it is open, be it reloaded or the tab doubled; held as a lock, so that others can tell that it lives. */
const page = newId();
void navigator.locks?.request(pageLock(page), () => new Promise(() => {}));

/** Where there are no locks (plain http on a network) pages ask each other who lives. */
const roll = new BroadcastChannel('hobrek:roll');
roll.onmessage = ({ data }: MessageEvent<string>) => {
  if (data === 'who?') roll.postMessage(page);
};
/** A page that is just being reloaded may still hold its lock, and one that lives may be busy: so long it is waited for. */
const answerWithin_ms = 300;

/** Which of these pages are gone. */
async function gone(pages: readonly string[]): Promise<ReadonlySet<string>> {
  if (pages.length === 0) return new Set();
  if (!navigator.locks) {
    const living = await livingPages();
    return new Set(pages.filter((each) => !living.has(each)));
  }
  const signal = AbortSignal.timeout(answerWithin_ms);
  const asked = pages.map((each) =>
    navigator.locks
      .request(pageLock(each), { signal }, () => each)
      .catch((error: DOMException) => {
        // Still held when the time was up: it lives.
        if (error.name !== 'TimeoutError' && error.name !== 'AbortError') throw error;
        return null;
      }),
  );
  return new Set((await Promise.all(asked)).filter((each) => each !== null));
}

async function livingPages(): Promise<ReadonlySet<string>> {
  const living = new Set<string>();
  const hear = ({ data }: MessageEvent<string>) => living.add(data);
  roll.addEventListener('message', hear);
  roll.postMessage('who?');
  await new Promise((resolve) => setTimeout(resolve, answerWithin_ms));
  roll.removeEventListener('message', hear);
  return living;
}

const keyOf = (id: string) => `${prefix}${id}:${page}`;

let failed = false;

/** False once this device refused to keep something: the page must then warn before it is left. */
export const isSafe = (): boolean => !failed;

export function writeUnsent(id: string, unsent: Unsent): void {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify(unsent));
  } catch {
    failed = true;
  }
}

export function clearUnsent(id: string): void {
  localStorage.removeItem(keyOf(id));
}

/** What this page, or one that is gone, left unsent of a build; a page that still lives sends its own. `forget` takes it out of the journal. */
export async function findUnsent(id: string): Promise<{ unsent: Unsent[]; forget: () => void }> {
  const mine = `${prefix}${id}:`;
  const left = Object.keys(localStorage).filter((key) => key.startsWith(mine));
  const others = await gone(left.filter((key) => key !== keyOf(id)).map((key) => key.slice(mine.length)));
  const keys = left.filter((key) => key === keyOf(id) || others.has(key.slice(mine.length)));
  return {
    unsent: keys.flatMap((key) => parse(localStorage.getItem(key))),
    forget: () => {
      for (const key of keys) localStorage.removeItem(key);
    },
  };
}

function parse(text: string | null): Unsent[] {
  try {
    const unsent = JSON.parse(text ?? '') as Unsent;
    return [unsent.base, unsent.build].every((build) => build?.format === buildFormat) ? [unsent] : [];
  } catch {
    return [];
  }
}
