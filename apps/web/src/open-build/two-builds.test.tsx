import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { type Build, blankBuild, elementsOf, placesOf, showFigure } from '@hobrek/core';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import fc from 'fast-check';
import { Profiler } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Entry } from './entry.js';
import { FigureText } from './figure-text.js';
import { OpenBuildHere, useDocument } from './here.js';
import { type OpenBuild, openBuild } from './open-build.js';
import { SaveWord } from './save-word.js';
import { UndoKeys } from './undo-keys.js';

const crusher = (): Build => JSON.parse(readFileSync(resolve(import.meta.dirname, '../../../../demo/apple-crusher.json'), 'utf8'));

const saved = new Map<string, Build[]>();
const opened: OpenBuild[] = [];

beforeEach(() => {
  saved.clear();
  localStorage.clear();
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    const id = url.split('/').at(-1) as string;
    saved.set(id, [...(saved.get(id) ?? []), JSON.parse(init.body as string)]);
    return new Response(JSON.stringify({ version: (saved.get(id)?.length ?? 0) + 1, changedAt: '2026-11-25T10:42:00Z' }));
  });
  vi.stubGlobal(
    'EventSource',
    class {
      close() {}
    },
  );
});
afterEach(() => {
  cleanup();
  for (const each of opened.splice(0)) each.close();
});

async function openOf(id: string, build: Build): Promise<OpenBuild> {
  const open = await openBuild({ id, version: 1, changedAt: '', notices: [], build });
  opened.push(open);
  return open;
}

const textAt = ({ document }: OpenBuild, path: string) => placesOf(document.getState().build).find((place) => place.path === path)?.input?.text;

function FieldAt({ path }: { path: string }) {
  const place = placesOf(useDocument(({ build }) => build)).find((each) => each.path === path);
  return place ? <Entry path={path} field={place.field} input={place.input} /> : null;
}

describe('two builds on one page', () => {
  const side = (open: OpenBuild) => (
    <section key={open.id} aria-label={open.id}>
      <OpenBuildHere open={open}>
        <UndoKeys />
        <SaveWord />
        <FieldAt path="main/source/speed" />
        <FigureText path="main/motor/speed" name="speed" />
      </OpenBuildHere>
    </section>
  );
  const here = (id: string) => within(screen.getByLabelText(id));
  const speedOf = (id: string) => here(id).getByRole('button', { name: /Why/ }).textContent;

  it('have steps of their own: a word pressed, or a key while the focus is in one, takes back a step of that one', async () => {
    const [one, other] = [await openOf('one', blankBuild('One')), await openOf('other', blankBuild('Other'))];
    render([side(one), side(other)]);
    for (const [id, speed] of [
      ['one', '1425'],
      ['other', '950'],
    ] as const) {
      fireEvent.change(here(id).getByLabelText('Speed'), { target: { value: speed } });
      fireEvent.blur(here(id).getByLabelText('Speed'));
    }
    expect([speedOf('one'), speedOf('other')]).toEqual(['1425 rpm', '950 rpm']);
    fireEvent.click(here('one').getByRole('button', { name: /^Undo/ }));
    expect([speedOf('one'), speedOf('other')]).toEqual(['not known', '950 rpm']);
    const field = here('other').getByLabelText('Speed');
    act(() => field.focus());
    fireEvent.keyDown(field, { key: 'z', code: 'KeyZ', ctrlKey: true });
    expect([speedOf('one'), speedOf('other')]).toEqual(['not known', 'not known']);
    fireEvent.click(here('one').getByRole('button', { name: /^Redo/ }));
    expect([speedOf('one'), speedOf('other')]).toEqual(['1425 rpm', 'not known']);
    // Nobody’s key while the focus is in neither.
    act(() => field.blur());
    fireEvent.keyDown(document.body, { key: 'z', code: 'KeyZ', ctrlKey: true });
    expect(speedOf('one')).toBe('1425 rpm');
  });

  it('are after a thousand random events what each is by itself', async () => {
    const builds = { one: crusher(), other: blankBuild('Other') };
    const events = fc.sample(fc.tuple(fc.constantFrom('one', 'other'), fc.nat(), fc.nat(9)), { seed: 25, numRuns: 1_000 });
    const together = { one: await openOf('one', builds.one), other: await openOf('other', builds.other) };
    for (const [which, a, b] of events) happens(together[which as 'one'], a, b);
    for (const which of ['one', 'other'] as const) {
      const alone = await openOf(`${which} alone`, builds[which]);
      for (const [of, a, b] of events) if (of === which) happens(alone, a, b);
      expect(asText(together[which])).toEqual(asText(alone));
    }
    // The events did something.
    expect(together.one.document.getState().history.past.length).toBeGreaterThan(50);
    expect(together.other.document.getState().build.lines[0]?.stages.length).not.toBe(builds.other.lines[0]?.stages.length);
    for (const open of Object.values(together)) open.pageLeft();
    await vi.waitFor(() => expect(saved.get('one')?.at(-1)).toEqual(together.one.document.getState().build));
    expect(saved.get('other')?.at(-1)).toEqual(together.other.document.getState().build);
  });
});

/** When cures and what decides have been tried. */
async function quiet({ derived }: OpenBuild): Promise<void> {
  let told = Date.now();
  const stop = derived.subscribe(() => {
    told = Date.now();
  });
  await vi.waitFor(() => expect(Date.now() - told).toBeGreaterThan(400), { timeout: 10_000 });
  stop();
}

/** One of all that can happen to a build. */
function happens(open: OpenBuild, a: number, b: number): void {
  const { build } = open.document.getState();
  const line = build.lines[a % build.lines.length] as Build['lines'][number];
  const places = placesOf(build);
  const stage = line.stages[a % Math.max(1, line.stages.length)];
  const place = places[a % places.length];
  const texts = ['1/2 hp', '80 mm', 'A', '?', 'abc', '5 N·m', '', '1425', '3', '20 to 30'];
  const some = [
    () => place && open.typed(place.path, texts[(a + b) % texts.length] as string),
    () => place && open.typed(place.path, texts[b % texts.length] as string),
    () => open.fieldLeft(),
    () => open.undone(),
    () => open.redone(),
    () => open.pick(elementsOf(line)[b % 3]?.path ?? null),
    () => line.stages.length < 6 && open.stageAdded(line.id, b % (line.stages.length + 1), ['v-belt', 'coupling', 'roller-chain'][a % 3] as string),
    () => stage && line.stages.length > 1 && open.stageRemoved(`${line.id}/${stage.id}`),
    () => stage && open.stageMoved(`${line.id}/${stage.id}`, a % 2 ? 1 : -1),
    () => open.renamed(`Build ${b}`),
  ];
  some[b]?.();
}

/** All that the person sees of a build, but for ids that are drawn anew each time. */
function asText(open: OpenBuild): string {
  const { history, build } = open.document.getState();
  const { evaluation, greyed } = open.derived.getState();
  const figures = evaluation.lines.map(({ stations, verdict }) => [
    verdict,
    stations.map(({ flow, effort }) => [flow, effort].map((each) => showFigure(each, 'metric'))),
  ]);
  const { picked, line } = open.session.getState();
  return JSON.stringify(
    [build, history.past.length, history.future.length, figures, open.allSaid(evaluation.says), [...greyed], picked, line],
    null,
    1,
  );
}

describe('what wakes what', () => {
  it('picking wakes what shows the pick, a save’s word the word, a key the figures that it changes', async () => {
    const open = await openOf('one', crusher());
    const woken = { document: 0, derived: 0, session: 0, saving: 0 };
    for (const part of ['document', 'derived', 'session', 'saving'] as const) open[part].subscribe(() => woken[part]++);
    const all = () => {
      const now = { ...woken };
      for (const part of Object.keys(woken) as (keyof typeof woken)[]) woken[part] = 0;
      return now;
    };
    let drawn = 0;
    render(
      <OpenBuildHere open={open}>
        <SaveWord />
        <Profiler id="figures" onRender={() => drawn++}>
          <FigureText path="main/motor/speed" name="speed" />
          <FigureText path="main/motor/power" name="power" />
        </Profiler>
      </OpenBuildHere>,
    );
    await quiet(open);
    all();
    drawn = 0;
    act(() => open.pick('main/work'));
    expect([all(), drawn]).toEqual([{ document: 0, derived: 0, session: 1, saving: 0 }, 0]);
    act(() => open.typed('main/source/speed', '1400'));
    expect([all(), drawn]).toEqual([{ document: 1, derived: 1, session: 0, saving: 1 }, 1]);
    act(() => open.fieldLeft());
    // The step is over: what is entered is as it was, and nothing is worked out of it.
    expect(all()).toEqual({ document: 1, derived: 0, session: 0, saving: 0 });
    drawn = 0;
    act(() => open.pageLeft());
    await vi.waitFor(() => expect(screen.getByText(/^kept 1/)).toBeTruthy());
    // That it is kept is not spoken.
    expect(screen.getByRole('status').textContent).toBe('');
    expect(all().saving).toBeGreaterThan(0);
    expect([drawn, textAt(open, 'main/source/speed')]).toEqual([0, '1400']);
  });
});
