import { blankBuild } from '@hobrek/core';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

const left = (page: string, name: string) =>
  localStorage.setItem(`hobrek:unsent:b:${page}`, JSON.stringify({ base: blankBuild('Before'), build: blankBuild(name) }));

/** The locks of a browser, of which these are held by other pages: who asks for one waits until it gives up. */
const locksHeld = (held: readonly string[]) => ({
  request: (name: string, options: { signal?: AbortSignal } | (() => unknown), then?: () => unknown) => {
    const { signal } = typeof options === 'function' ? { signal: undefined } : options;
    if (!held.includes(name)) return Promise.resolve((then ?? (options as () => unknown))());
    return new Promise((_, reject) => signal?.addEventListener('abort', () => reject(new DOMException('timed out', 'TimeoutError'))));
  },
});

const journal = async (locks: ReturnType<typeof locksHeld> | undefined) => {
  vi.resetModules();
  vi.stubGlobal('navigator', { locks });
  return import('./journal.js');
};
const names = (unsent: readonly { readonly build: { readonly name: string } }[]) => unsent.map(({ build }) => build.name).sort();

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('is taken from a page that is gone, and left with one that lives: it sends its own', async () => {
  const { findUnsent } = await journal(locksHeld(['hobrek:page:living']));
  left('living', 'typed in the other tab');
  left('dead', 'left behind');
  const { unsent, forget } = await findUnsent('b');
  expect(names(unsent)).toEqual(['left behind']);
  forget();
  expect(Object.keys(localStorage)).toEqual(['hobrek:unsent:b:living']);
});

it('where there are no locks, pages are asked whether they live', async () => {
  const { findUnsent } = await journal(undefined);
  const other = new BroadcastChannel('hobrek:roll');
  other.onmessage = ({ data }: MessageEvent<string>) => {
    if (data === 'who?') other.postMessage('living');
  };
  left('living', 'typed in the other tab');
  left('dead', 'left behind');
  expect(names((await findUnsent('b')).unsent)).toEqual(['left behind']);
  other.close();
});

it('is its own after a reload, of this build alone, and nothing of what cannot be read', async () => {
  const { findUnsent, writeUnsent, clearUnsent, isSafe } = await journal(locksHeld([]));
  writeUnsent('b', { base: blankBuild('Before'), build: blankBuild('mine') });
  writeUnsent('c', { base: blankBuild('Before'), build: blankBuild('of another build') });
  localStorage.setItem('hobrek:unsent:b:dead', '{"base": {"format": "hobrek-bui');
  expect(names((await findUnsent('b')).unsent)).toEqual(['mine']);
  clearUnsent('b');
  expect(names((await findUnsent('b')).unsent)).toEqual([]);
  expect(isSafe()).toBe(true);
});

it('says when this device does not keep it', async () => {
  const { writeUnsent, isSafe } = await journal(locksHeld([]));
  vi.stubGlobal('localStorage', {
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
  });
  writeUnsent('b', { base: blankBuild('Before'), build: blankBuild('mine') });
  expect(isSafe()).toBe(false);
});
