import { blankBuild } from '@hobrek/core';
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

type Told = (entries: { target: Element; isIntersecting: boolean }[]) => void;

/** A browser that says what is in sight when the test says so. */
const browser = vi.hoisted(() => {
  const watching = new Set<Element>();
  let told: Told = () => {};
  class Observer {
    constructor(tell: Told) {
      told = tell;
    }
    observe = (element: Element) => watching.add(element);
    unobserve = (element: Element) => watching.delete(element);
  }
  vi.stubGlobal('IntersectionObserver', Observer);
  return { watching, says: (isIntersecting: boolean) => told([...watching].map((target) => ({ target, isIntersecting }))) };
});

import { FigureText } from './figure-text.js';
import { OpenBuildHere } from './here.js';
import { WhenInSight } from './in-sight.js';
import { type OpenBuild, openBuild } from './open-build.js';
import { settles_ms } from './settled.js';

let at: OpenBuild;
const typed = (path: string, text: string) => at.typed(path, text);

beforeEach(async () => {
  vi.stubGlobal('fetch', () => new Promise(() => {}));
  vi.stubGlobal(
    'EventSource',
    class {
      close() {}
    },
  );
  at = await openBuild({ id: 'b', version: 1, changedAt: '', notices: [], build: blankBuild('Crusher') });
  vi.useFakeTimers();
  typed('main/source/speed', '1425');
  await vi.advanceTimersByTimeAsync(settles_ms);
  render(
    <OpenBuildHere open={at}>
      <WhenInSight>
        <FigureText path="main/motor/speed" name="speed" />
      </WhenInSight>
    </OpenBuildHere>,
  );
});
afterEach(() => {
  vi.useRealTimers();
  cleanup();
  at.close();
});

const shown = () => screen.getByRole('button').textContent;

it('what is in sight follows a key at once', () => {
  expect(shown()).toContain('1425 rpm');
  act(() => typed('main/source/speed', '950'));
  expect(shown()).toContain('950 rpm');
});

it('what is out of sight follows when typing has paused', async () => {
  act(() => browser.says(false));
  act(() => typed('main/source/speed', '9'));
  await act(() => vi.advanceTimersByTimeAsync(settles_ms - 1));
  act(() => typed('main/source/speed', '950'));
  await act(() => vi.advanceTimersByTimeAsync(settles_ms - 1));
  expect(shown()).toContain('1425 rpm');
  await act(() => vi.advanceTimersByTimeAsync(1));
  expect(shown()).toContain('950 rpm');
});

it('what comes into sight shows at once what is so now', () => {
  act(() => browser.says(false));
  act(() => typed('main/source/speed', '950'));
  expect(shown()).toContain('1425 rpm');
  act(() => browser.says(true));
  expect(shown()).toContain('950 rpm');
});

it('what is gone is watched no longer', () => {
  expect(browser.watching.size).toBe(1);
  cleanup();
  expect(browser.watching.size).toBe(0);
});
