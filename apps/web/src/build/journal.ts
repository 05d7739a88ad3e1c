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
const tabLock = (tab: string) => `hobrek:tab:${tab}`;

/** A name for this tab that a reload keeps; held as a lock for as long as the tab lives, so that others can tell. */
const tab = (() => {
  const known = sessionStorage.getItem('hobrek:tab') ?? newId();
  sessionStorage.setItem('hobrek:tab', known);
  void navigator.locks?.request(tabLock(known), () => new Promise(() => {}));
  return known;
})();

/** Where there are no locks (plain http on a network) tabs ask each other who lives. */
const roll = new BroadcastChannel('hobrek:roll');
roll.onmessage = ({ data }: MessageEvent<string>) => {
  if (data === 'who?') roll.postMessage(tab);
};
const answerWithin_ms = 250;

async function livingTabs(): Promise<ReadonlySet<string>> {
  if (navigator.locks) return new Set((await navigator.locks.query()).held?.map(({ name }) => name?.slice(tabLock('').length) ?? ''));
  const living = new Set<string>();
  const hear = ({ data }: MessageEvent<string>) => living.add(data);
  roll.addEventListener('message', hear);
  roll.postMessage('who?');
  await new Promise((resolve) => setTimeout(resolve, answerWithin_ms));
  roll.removeEventListener('message', hear);
  return living;
}

const keyOf = (id: string) => `${prefix}${id}:${tab}`;

let failed = false;

/** False once this device refused to keep something: the page must then be asked about before it is left. */
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

/** What this tab, or one that is gone, left unsent of a build; a tab that still lives sends its own. `forget` takes it out of the journal. */
export async function findUnsent(id: string): Promise<{ unsent: Unsent[]; forget: () => void }> {
  const mine = `${prefix}${id}:`;
  const left = Object.keys(localStorage).filter((key) => key.startsWith(mine));
  const others = left.some((key) => key !== keyOf(id)) ? await livingTabs() : new Set();
  const keys = left.filter((key) => key === keyOf(id) || !others.has(key.slice(mine.length)));
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
