import { blankBuild } from '@hobrek/core';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

const left = (page: string, name: string) =>
  localStorage.setItem(`hobrek:unsent:b:${page}`, JSON.stringify({ base: blankBuild('Before'), build: blankBuild(name) }));

/** The locks of a browser, of which these are held by other pages: a request for one waits until it is aborted, or the page is gone. */
const locksHeld = (held: readonly string[], whenGone?: Promise<void>) => ({
  request: (name: string, options: { signal?: AbortSignal } | (() => unknown), then?: () => unknown) => {
    const { signal } = typeof options === 'function' ? { signal: undefined } : options;
    if (!held.includes(name)) return Promise.resolve((then ?? (options as () => unknown))());
    return new Promise((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('given up', 'AbortError')));
      void whenGone?.then(() => resolve(signal?.aborted ? undefined : then?.()));
    });
  },
});

const journal = async (locks: ReturnType<typeof locksHeld> | undefined) => {
  vi.resetModules();
  vi.stubGlobal('navigator', { locks });
  return import('./journal.js');
};
const names = (unsent: readonly { readonly build: { readonly name: string } }[]) => unsent.map(({ build }) => build.name).sort();

/** A page that ends when it is told to. */
function ending(): { readonly ended: Promise<void>; readonly end: () => void } {
  let end = () => {};
  const ended = new Promise<void>((resolve) => {
    end = resolve;
  });
  return { ended, end };
}

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

it('of a page that ends later, slowly or because it is closed, is heard of then; not once nobody waits any longer', async () => {
  const { ended, end } = ending();
  const { findUnsent } = await journal(locksHeld(['hobrek:page:slow'], ended));
  left('slow', 'typed before it crashed');
  const [one, other] = [await findUnsent('b'), await findUnsent('b')];
  expect(one.unsent).toEqual([]);
  const [heard, unheard] = [vi.fn(), vi.fn()];
  one.whenLeft(heard);
  other.whenLeft(unheard);
  other.stop();
  end();
  await vi.waitFor(() => expect(names(heard.mock.calls.flat())).toEqual(['typed before it crashed']));
  expect([unheard.mock.calls.length, localStorage.length]).toEqual([0, 0]);
});

it('of a page that ends after it was waited for, and before anybody listens, is heard of all the same', async () => {
  const { ended, end } = ending();
  const { findUnsent } = await journal(locksHeld(['hobrek:page:reloaded'], ended));
  left('reloaded', 'typed before the reload');
  const found = await findUnsent('b');
  // The kinds are still loading.
  end();
  await ended.then(() => new Promise((resolve) => setTimeout(resolve)));
  const heard = vi.fn();
  found.whenLeft(heard);
  expect([found.unsent, names(heard.mock.calls.flat())]).toEqual([[], ['typed before the reload']]);
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

it('of the format before is read as one of today', async () => {
  const { findUnsent } = await journal(locksHeld([]));
  const blank = blankBuild('left before the update');
  const setting = { id: 'slow', name: 'slow', inputs: { speed: { text: '700 rpm', how: 'plate' } } };
  const old = { ...blank, version: 1, lines: blank.lines.map((line) => ({ ...line, source: { ...line.source, settings: [setting] } })) };
  localStorage.setItem('hobrek:unsent:b:dead', JSON.stringify({ base: { ...old, name: 'Before' }, build: old, sent: old }));
  const [{ build, base, sent } = { build: null, base: null }] = (await findUnsent('b')).unsent;
  for (const each of [build, base, sent])
    expect(each).toMatchObject({ version: 2, lines: [{ settings: [{ id: 'slow', inputs: { 'source/speed': { text: '700 rpm' } } }] }] });
});
