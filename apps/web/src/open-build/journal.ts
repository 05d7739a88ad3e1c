import { type Build, buildFormat, upgradeBuild } from '@hobrek/core';
import { v4 as newId } from 'uuid';
import { unsentPrefix } from './unsent-keys.js';

/** What was typed on this device and is not yet with the server, and what it was typed on top of. Outlives a reload and a closed tab. */
export interface Unsent {
  readonly base: Build;
  readonly build: Build;
  /** A state on its way when this was written: the server may have it, its answer unheard. */
  readonly sent?: Build;
}

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

/** Waits for pages to be gone. What each is found to be in time, and what happens when another goes later. */
interface Watched {
  readonly gone: ReadonlySet<string>;
  readonly later: (hear: (page: string) => void) => void;
  readonly stop: () => void;
}

/** Which of these pages are gone; those that still live, or are slow to end, are watched on. */
async function watchPages(pages: readonly string[]): Promise<Watched> {
  const gone = new Set<string>();
  const watching = new AbortController();
  let hear: ((page: string) => void) | null = null;
  const stop = () => watching.abort();
  if (pages.length === 0) return { gone, later: () => {}, stop };
  if (!navigator.locks) {
    const living = await livingPages();
    return { gone: new Set(pages.filter((each) => !living.has(each))), later: () => {}, stop };
  }
  const ends = pages.map((each) =>
    navigator.locks
      .request(pageLock(each), { signal: watching.signal }, () => {
        if (hear) hear(each);
        else gone.add(each);
      })
      .catch((error: DOMException) => {
        // Nobody waits any longer.
        if (error.name !== 'AbortError') throw error;
      }),
  );
  await Promise.race([Promise.all(ends), new Promise((resolve) => setTimeout(resolve, answerWithin_ms))]);
  const inTime = new Set(gone);
  return {
    gone: inTime,
    later: (now) => {
      hear = now;
      // What ended since, before anybody listened.
      for (const each of gone) if (!inTime.has(each)) now(each);
    },
    stop,
  };
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

const keyOf = (id: string) => `${unsentPrefix}${id}:${page}`;

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

/** What was left unsent of a build. */
export interface Left {
  readonly unsent: readonly Unsent[];
  /** Takes it out of the journal. */
  readonly forget: () => void;
  /** A page that still lived, or was slow to end, is gone: what it left is taken out of the journal and heard of. */
  readonly whenLeft: (hear: (unsent: Unsent) => void) => void;
  /** No more is heard. */
  readonly stop: () => void;
}

/** What this page, or one that is gone, left unsent of a build; a page that still lives sends its own. */
export async function findUnsent(id: string): Promise<Left> {
  const mine = `${unsentPrefix}${id}:`;
  const left = Object.keys(localStorage).filter((key) => key.startsWith(mine));
  const { gone, later, stop } = await watchPages(left.filter((key) => key !== keyOf(id)).map((key) => key.slice(mine.length)));
  const keys = left.filter((key) => key === keyOf(id) || gone.has(key.slice(mine.length)));
  return {
    unsent: keys.flatMap((key) => parse(localStorage.getItem(key))),
    forget: () => {
      for (const key of keys) localStorage.removeItem(key);
    },
    whenLeft: (hear) =>
      later((other) => {
        const text = localStorage.getItem(`${mine}${other}`);
        localStorage.removeItem(`${mine}${other}`);
        for (const each of parse(text)) hear(each);
      }),
    stop,
  };
}

function parse(text: string | null): Unsent[] {
  try {
    const { base, build, sent } = JSON.parse(text ?? '') as Unsent;
    // It may have been written by the Hobrek before.
    const raised = (each: Build): Build => upgradeBuild(each).build as Build;
    const isWhole = [base, build].every((each) => each?.format === buildFormat);
    return isWhole ? [{ base: raised(base), build: raised(build), ...(sent ? { sent: raised(sent) } : {}) }] : [];
  } catch {
    return [];
  }
}
