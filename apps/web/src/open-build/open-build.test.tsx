import { type Build, beginSizing, blankBuild, evaluateBuild, placesOf, withShaftBegun } from '@hobrek/core';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import fc from 'fast-check';
import { Profiler, type ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Entry } from './entry.js';
import { FigureText } from './figure-text.js';
import { OpenBuildHere, useDocument } from './here.js';
import { type OpenBuild, openBuild } from './open-build.js';
import { SaveQueue } from './save-queue.js';

/** The build that is open, its events by their names, and all of its state. */
let at: OpenBuild;
const reopen = async (...given: Parameters<typeof openBuild>) => {
  at?.close();
  at = await openBuild(...given);
};
const typed = (path: string, text: string) => at.typed(path, text);
const fieldLeft = () => at.fieldLeft();
const undone = () => at.undone();
const redone = () => at.redone();
const renamed = (name: string) => at.renamed(name);
const open = () => ({ ...at.session.getState(), ...at.derived.getState(), ...at.document.getState(), save: at.saving.getState() });
/** What is shown of it. */
const show = (shown: ReactNode) => render(<OpenBuildHere open={at}>{shown}</OpenBuildHere>);

const saved: Build[] = [];

beforeEach(async () => {
  saved.length = 0;
  localStorage.clear();
  sessionStorage.clear();
  vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
    saved.push(JSON.parse(init.body as string));
    return new Response(JSON.stringify({ version: saved.length + 1, changedAt: '2026-11-25T10:42:00Z' }));
  });
  // What a page has and this environment has not; nothing is heard through it.
  vi.stubGlobal(
    'EventSource',
    class {
      close() {}
    },
  );
  await reopen({ id: 'b', version: 1, changedAt: '', notices: [], build: blankBuild('Crusher') });
  for (const [path, text] of [
    ['source/power', '0.55 kW'],
    ['source/powerIs', 'shaft'],
    ['source/speed', '1425'],
    ['belt/driver', '75'],
    ['belt/driven', '250'],
    ['work/torque', '8'],
  ]) {
    typed(`main/${path}`, text as string);
  }
  fieldLeft();
});

/** What was typed is sent without waiting for a pause, as when the page is left. */
const sentNow = () => dispatchEvent(new Event('pagehide'));
afterEach(() => {
  vi.useRealTimers();
  cleanup();
  at.close();
});

const input = (path: string) => placesOf(open().build).find((place) => place.path === path)?.input;

describe('who changes his mind', () => {
  it('finds what was entered in a kind, after another in between and after a reload; undo goes back step by step', async () => {
    at.kindChosen('main/belt', 'roller-chain');
    typed('main/belt/z1', '17');
    fieldLeft();
    at.kindChosen('main/belt', 'v-belt');
    expect(input('main/belt/driven')).toMatchObject({ text: '250' });
    const { build } = open();
    await reopen({ id: 'b', version: 2, changedAt: '', notices: [], build });
    at.kindChosen('main/belt', 'roller-chain');
    expect(input('main/belt/z1')).toMatchObject({ text: '17' });
    undone();
    expect(open().build.lines[0]?.stages[0]?.kind).toBe('v-belt');
    expect(input('main/belt/driven')).toMatchObject({ text: '250' });
  });

  it('finds what was entered of an option with fields of its own', () => {
    typed('main/belt/drivenFixing', 'key');
    typed('main/belt/drivenLength', '30 mm');
    fieldLeft();
    typed('main/belt/drivenFixing', 'clamp');
    typed('main/belt/drivenFixing', 'key');
    expect(input('main/belt/drivenLength')).toMatchObject({ text: '30 mm' });
  });
});
const roll = () => open().evaluation.lines[0]?.stations.at(-1)?.effort;

/** A field as the bench shows it, following the store. */
function FieldAt({ path }: { path: string }) {
  const build = useDocument((document) => document.build);
  const place = placesOf(build).find((each) => each.path === path);
  return place ? <Entry path={place.path} field={place.field} input={place.input} /> : null;
}

const PowerField = () => <FieldAt path="main/source/power" />;

describe('an event', () => {
  it('is worked out in the same tick and sent to be kept', async () => {
    const before = roll();
    typed('main/source/power', '1/2 hp');
    expect(roll()).not.toEqual(before);
    expect(open().evaluation.verdict).toBe('fails');
    sentNow();
    await vi.waitFor(() => expect(saved.at(-1)?.lines[0]?.source.inputs.power?.text).toBe('1/2 hp'));
  });

  it('changes nothing of the rest of the document', () => {
    const [before] = open().build.lines;
    typed('main/source/power', '1 hp');
    expect(open().build.lines[0]?.work).toBe(before?.work);
  });

  it('on a field that is not there changes nothing', () => {
    const before = open().build;
    typed('main/nothing/power', '1 hp');
    expect(open().build).toBe(before);
  });

  it('may rename the build, but not to nothing', () => {
    renamed('Cider mill');
    renamed('   ');
    expect(open().build.name).toBe('Cider mill');
  });
});

it('says, when there was time to try, what becomes of it over all that is guessed; only words changed, it stays', async () => {
  typed('main/work/torque', '9 to 13 N·m');
  expect(open().guesses).toBe('');
  // By hand: 3.6857 N·m · 3.3333 · 0.89 at the tool.
  await vi.waitFor(() => expect(open().guesses).toContain('the torque needed decides, from 10.9 N·m up'));
  typed('main/work/torque', '9 to 13 Nm');
  expect(open().guesses).toContain('decides');
  typed('main/work/torque', '9 N·m');
  expect(open().guesses).toBe('');
});

describe('undo', () => {
  it('takes back a whole field at a time, and sends that too', async () => {
    fieldLeft();
    const before = roll();
    for (const text of ['1', '1/', '1/2', '1/2 hp']) typed('main/source/power', text);
    undone();
    expect(input('main/source/power')?.text).toBe('0.55 kW');
    expect(roll()).toEqual(before);
    redone();
    expect(input('main/source/power')?.text).toBe('1/2 hp');
    await vi.waitFor(() => expect(saved.at(-1)?.lines[0]?.source.inputs.power?.text).toBe('1/2 hp'));
  });
});

it('undone to the start and done again is the same build, after any series of typing, choosing, leaving, undoing and redoing', async () => {
  const paths = placesOf(open().build).map((place) => place.path);
  const text = fc.constantFrom('1/2 hp', '80 mm', 'key', 'A', '?', 'abc', '5 N·m', '');
  const typing = fc.tuple(fc.constantFrom(...paths), text).map(
    ([path, words]) =>
      () =>
        typed(path, words),
  );
  const events = fc.array(
    fc.oneof(
      { weight: 4, arbitrary: typing },
      fc.constantFrom(undone, redone, fieldLeft, () => renamed('Mill')),
    ),
    { maxLength: 25 },
  );
  let opened = 0;
  await fc.assert(
    fc.asyncProperty(events, async (series) => {
      await reopen({ id: `b${opened++}`, version: 1, changedAt: '', notices: [], build: blankBuild('Crusher') });
      const start = open().build;
      for (const event of series) event();
      const end = open().build;
      const steps = open().history.past.length;
      for (let k = 0; k < steps; k++) undone();
      expect(open().build).toBe(start);
      for (let k = 0; k < steps; k++) redone();
      expect(open().build).toBe(end);
    }),
    { seed: 41, numRuns: 60 },
  );
});

describe('what was typed and never sent', () => {
  const stored = (build: Build, version: number) => ({ id: 'b', version, changedAt: '', notices: [], build });

  /** Types on a page whose server is away, and leaves it. */
  async function typeAndGo(text: string): Promise<Build> {
    await vi.waitFor(() => expect(open().save.state).toBe('kept'));
    const before = open().build;
    vi.stubGlobal('fetch', () => new Promise(() => {}));
    typed('main/source/power', text);
    at.close();
    return before;
  }

  it('is restored when the build is opened again', async () => {
    const before = await typeAndGo('2 hp');
    await reopen(stored(before, 7));
    expect(input('main/source/power')?.text).toBe('2 hp');
    expect(open().notices.join()).toContain('was restored');
    undone();
    expect(input('main/source/power')?.text).toBe('0.55 kW');
  });

  it('is no news when the server had it after all', async () => {
    await typeAndGo('2 hp');
    const theirs = JSON.parse(localStorage.getItem(Object.keys(localStorage)[0] as string) ?? '').build;
    await reopen(stored(theirs, 8));
    expect(open()).toMatchObject({ notices: [], mergeConflict: null });
    expect(localStorage.length).toBe(0);
  });

  it('is no conflict with one’s own save whose answer was never heard, although more was typed after it', async () => {
    await vi.waitFor(() => expect(open().save.state).toBe('kept'));
    const sent: Build[] = [];
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
      sent.push(JSON.parse(init.body as string));
      return new Promise(() => {});
    });
    typed('main/source/power', '2 k');
    sentNow();
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    typed('main/source/power', '2 hp');
    at.close();
    await reopen(stored(sent[0] as Build, 8));
    expect(open().mergeConflict).toBeNull();
    expect(input('main/source/power')?.text).toBe('2 hp');
  });

  it('is to be chosen where someone else changed the same field meanwhile; a reload shows the choice again', async () => {
    const before = await typeAndGo('2 hp');
    const line = before.lines[0] as Build['lines'][number];
    const theirs: Build = {
      ...before,
      lines: [
        { ...line, source: { ...line.source, inputs: { ...line.source.inputs, power: { text: '3 hp', value: 2237.1, unit: 'W', how: 'plate' } } } },
      ],
    };
    for (const _ of ['first', 'after a reload']) {
      await reopen(stored(theirs, 9));
      expect(open().mergeConflict?.conflicts).toMatchObject([{ mine: { text: '2 hp' }, theirs: { text: '3 hp' } }]);
      at.close();
    }
    await reopen(stored(theirs, 9));
    const [conflict] = open().mergeConflict?.conflicts ?? [];
    if (conflict) at.chose(conflict, 'theirs');
    expect(open().mergeConflict).toBeNull();
    expect(input('main/source/power')?.text).toBe('3 hp');
  });
});

describe('what is sent', () => {
  /** The saves that were sent, with the step each belongs to. */
  function listening() {
    const sent: { readonly build: Build; readonly step: string }[] = [];
    let version = 20;
    vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
      sent.push({ build: JSON.parse(init.body as string), step: (init.headers as Record<string, string>)['step-id'] ?? '' });
      return new Response(JSON.stringify({ version: ++version, changedAt: '2026-11-25T10:42:00Z' }));
    });
    return sent;
  }
  const kept = () => vi.waitFor(() => expect(open().save.state).toBe('kept'));

  it('belongs to one step while a field is typed into, and to another once it was left, undone or another was typed into', async () => {
    await kept();
    const sent = listening();
    const after = async (event: () => void) => {
      event();
      sentNow();
      await kept();
      return sent.at(-1)?.step;
    };
    const first = await after(() => typed('main/source/power', '1'));
    expect(await after(() => typed('main/source/power', '1 h'))).toBe(first);
    expect(await after(() => typed('main/source/power', '1 hp'))).toBe(first);
    fieldLeft();
    const again = await after(() => typed('main/source/power', '2 hp'));
    const other = await after(() => typed('main/source/speed', '1400'));
    const back = await after(undone);
    const name = await after(() => renamed('Mill'));
    expect(new Set([first, again, other, back, name]).size).toBe(5);
    expect(sent).toHaveLength(7);
  });

  it('is nothing while the person has to choose, whatever else is typed meanwhile; then all of it', async () => {
    await kept();
    const before = open().build;
    const line = before.lines[0] as Build['lines'][number];
    vi.stubGlobal('fetch', () => new Promise(() => {}));
    typed('main/source/power', '2 hp');
    at.close();
    const theirs: Build = {
      ...before,
      lines: [
        { ...line, source: { ...line.source, inputs: { ...line.source.inputs, power: { text: '3 hp', value: 2237.1, unit: 'W', how: 'plate' } } } },
      ],
    };
    const sent = listening();
    await reopen({ id: 'b', version: 9, changedAt: '', notices: [], build: theirs });
    const [conflict] = open().mergeConflict?.conflicts ?? [];
    expect(conflict).toBeDefined();
    typed('main/work/torque', '9 N·m');
    typed('main/source/speed', '1400');
    await new Promise((resolve) => setTimeout(resolve, 100));
    expect(sent).toEqual([]);
    if (conflict) at.chose(conflict, 'mine');
    await kept();
    expect(sent).toHaveLength(1);
    expect(sent[0]?.build.lines[0]?.work.inputs.torque?.text).toBe('9 N·m');
    expect(sent[0]?.build.lines[0]?.source.inputs.power?.text).toBe('2 hp');
  });
});

describe('a field', () => {
  it('says how it understood what was typed', () => {
    show(<PowerField />);
    fireEvent.change(screen.getByLabelText('Plate power'), { target: { value: '1/2 hp' } });
    expect(screen.getByText('= 373 W')).toBeTruthy();
  });

  it.each([
    ['abc', '“abc”'],
    ['-5 kW', 'it takes 1 W to 1000 kW'],
    ['5 parsecs', '“parsecs” is not a unit of power'],
  ])('keeps “%s” on the screen, says what is wrong after a pause, and greys the figures that rest on it', async (text, words) => {
    vi.useFakeTimers();
    const before = roll();
    show(
      <>
        <PowerField />
        <FigureText path="main/tool/torque" name="torque" />
        <FigureText path="main/belt/ratio" name="ratio" />
      </>,
    );
    const input = screen.getByLabelText<HTMLInputElement>('Plate power');
    fireEvent.change(input, { target: { value: text } });
    await act(() => vi.advanceTimersByTimeAsync(1_000));
    expect(input.value).toBe(text);
    expect(input.getAttribute('aria-invalid')).toBe('true');
    const said = document.getElementById(input.getAttribute('aria-describedby')?.split(' ')[0] ?? '')?.textContent;
    expect(said).toContain(words);
    expect(said).toContain('Until then the figures are for 0.55 kW.');
    expect(roll()).toEqual(before);
    expect(document.querySelectorAll('[data-stale]')).toHaveLength(1);
  });

  it('keeps a space that ends what is typed so far: the next sign may need it', () => {
    show(<PowerField />);
    const field = screen.getByLabelText<HTMLInputElement>('Plate power');
    fireEvent.change(field, { target: { value: '' } });
    for (const sign of '3 1/2 hp') fireEvent.change(field, { target: { value: field.value + sign } });
    expect(field.value).toBe('3 1/2 hp');
    // 3.5 × 550 ft·lbf/s, exactly.
    expect(input('main/source/power')?.value).toBeCloseTo(2609.95, 2);
    act(undone);
    expect(field.value).toBe('0.55 kW');
  });

  it('does not grey the sheet halfway through a word, and takes the grey off as soon as it can be read', async () => {
    vi.useFakeTimers();
    show(
      <>
        <PowerField />
        <FigureText path="main/tool/torque" name="torque" />
      </>,
    );
    const grey = () => document.querySelectorAll('[data-stale]').length;
    const input = screen.getByLabelText<HTMLInputElement>('Plate power');
    for (const [text, waits] of [
      ['0.55 k', 500],
      ['0.55 kW', 0],
      ['0.55 k', 500],
      ['0.55 ki', 500],
    ] as const) {
      fireEvent.change(input, { target: { value: text } });
      await act(() => vi.advanceTimersByTimeAsync(waits));
      expect(grey()).toBe(0);
    }
    await act(() => vi.advanceTimersByTimeAsync(200));
    expect(grey()).toBe(1);
    fireEvent.change(input, { target: { value: '0.75 kW' } });
    expect(grey()).toBe(0);
  });
});

describe('a visit of a field', () => {
  const power = () => input('main/source/power');

  it('follows each key that can be read, and is never the figure of a part of what cannot', () => {
    typed('main/source/speed', '1,72');
    expect(input('main/source/speed')?.value).toBe(1.72);
    typed('main/source/speed', '1,725');
    expect(input('main/source/speed')).toMatchObject({ value: 1425, text: '1425', draft: '1,725' });
    typed('main/source/speed', '1,725 r');
    expect(input('main/source/speed')).toMatchObject({ value: 1425, draft: '1,725 r' });
    fieldLeft();
    // Left, the entry that is not read is kept as it was typed, and counts what stood there before.
    expect(input('main/source/speed')).toMatchObject({ value: 1425, draft: '1,725 r' });
  });

  it('ends cleared as not known, and one step brings it back', () => {
    show(<PowerField />);
    fireEvent.change(screen.getByLabelText('Plate power'), { target: { value: '' } });
    expect(power()).toBeUndefined();
    expect(open().evaluation.lines[0]?.stations[0]?.effort.known).toBe(false);
    act(undone);
    expect(power()?.text).toBe('0.55 kW');
  });

  it('goes back by Escape to what stood there, selects all when it begins, and goes on by Enter', () => {
    show(<PowerField />);
    const field = screen.getByLabelText<HTMLInputElement>('Plate power');
    act(() => field.focus());
    expect([field.selectionStart, field.selectionEnd]).toEqual([0, '0.55 kW'.length]);
    fireEvent.change(field, { target: { value: '3 hp' } });
    expect(power()?.text).toBe('3 hp');
    fireEvent.keyDown(field, { key: 'Escape' });
    expect([power()?.text, field.value]).toEqual(['0.55 kW', '0.55 kW']);
    fireEvent.change(field, { target: { value: '3 hp' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    fireEvent.change(field, { target: { value: '3 hpx' } });
    // What Enter has taken is what stood there.
    expect(power()).toMatchObject({ text: '3 hp', draft: '3 hpx' });
  });

  it('sends nothing while keys follow each other, and all of it on a pause of a second', async () => {
    await vi.waitFor(() => expect(open().save.state).toBe('kept'));
    vi.useFakeTimers();
    const before = saved.length;
    for (const text of ['0', '0.', '0.7', '0.75', '0.75 ', '0.75 k', '0.75 kW']) {
      typed('main/source/power', text);
      await vi.advanceTimersByTimeAsync(200);
    }
    expect(saved).toHaveLength(before);
    await vi.advanceTimersByTimeAsync(1_100);
    expect(saved.slice(before).map((build) => build.lines[0]?.source.inputs.power?.text)).toEqual(['0.75 kW']);
  });

  it('offers both readings of a number, taken by key', async () => {
    vi.useFakeTimers();
    show(<FieldAt path="main/source/speed" />);
    const field = screen.getByLabelText<HTMLInputElement>('Speed');
    fireEvent.change(field, { target: { value: '1,725' } });
    await act(() => vi.advanceTimersByTimeAsync(700));
    const offers = screen.getAllByRole('button').filter(({ dataset }) => dataset.help === undefined);
    expect(offers.map(({ textContent }) => textContent)).toEqual(['1725 rpm', '1.73 rpm']);
    fireEvent.keyDown(field, { code: 'Digit1', altKey: true });
    expect(input('main/source/speed')).toMatchObject({ value: 1725 });
    expect(field.value).toBe('1725');
  });
});

describe('what someone else changes while something is typed here', () => {
  const otherwise = (build: Build, change: (inputs: Record<string, unknown>) => Record<string, unknown>): Build => {
    const line = build.lines[0] as Build['lines'][number];
    return { ...build, lines: [{ ...line, source: { ...line.source, inputs: change(line.source.inputs) as typeof line.source.inputs } }] };
  };

  it('is not overwritten by what waits for a pause, nor brought back by what cannot be read', async () => {
    await vi.waitFor(() => expect(open().save.state).toBe('kept'));
    const threeHp = { text: '3 hp', value: 2237.1, unit: 'W', how: 'plate' };
    const theirs = otherwise(open().build, (inputs) => ({ ...inputs, power: threeHp }));
    const sent: Build[] = [];
    vi.stubGlobal('fetch', async (_: string, init?: RequestInit) => {
      if (!init?.body) return new Response(JSON.stringify({ id: 'b', version: 9, changedAt: '2026-11-25T10:42:00Z', notices: [], build: theirs }));
      sent.push(JSON.parse(init.body as string));
      return new Response(JSON.stringify({ version: 10, changedAt: '2026-11-25T10:43:00Z' }));
    });
    // Typed and not sent yet; then theirs comes in.
    typed('main/work/torque', '9 N·m');
    await new Promise((resolve) => setTimeout(resolve));
    const news = new BroadcastChannel('hobrek:changes');
    news.postMessage({ id: 'b', version: 9 });
    await vi.waitFor(() => expect(input('main/source/power')?.text).toBe('3 hp'));
    await new Promise((resolve) => setTimeout(resolve, 1_200));
    expect(sent.length).toBeGreaterThan(0);
    for (const each of sent) expect(each.lines[0]?.source.inputs.power?.text).toBe('3 hp');
    expect(sent.at(-1)?.lines[0]?.work.inputs.torque?.text).toBe('9 N·m');
    news.close();
  });
});

describe('a figure', () => {
  it('is drawn again only when what can be seen of it changes; one keystroke is one evaluation and one commit', () => {
    const drawn = new Map<string, number>();
    let evaluations = 0;
    const stop = at.derived.subscribe((now, before) => {
      if (now.evaluation !== before.evaluation) evaluations++;
    });
    const paths = ['main/motor/speed', 'main/motor/torque', 'main/tool/speed', 'main/tool/torque', 'main/belt/ratio', 'main/belt/belt-speed'];
    show(
      paths.map((path) => (
        <Profiler key={path} id={path} onRender={(id) => drawn.set(id, (drawn.get(id) ?? 0) + 1)}>
          <FigureText path={path} name={path} />
        </Profiler>
      )),
    );
    drawn.clear();
    act(() => typed('main/source/power', '0.75 kW'));
    expect(evaluations).toBe(1);
    expect(Object.fromEntries(drawn)).toEqual({ 'main/motor/torque': 1, 'main/tool/torque': 1 });
    act(() => typed('main/source/power', '750 W'));
    expect([...drawn.values()]).toEqual([1, 1]);
    // What is only put in other words, or is not read yet, is not worked out again.
    act(() => typed('main/source/power', '750 '));
    // It counts again what stood there before the visit.
    expect(evaluations).toBe(2);
    act(() => typed('main/source/power', '750 wx'));
    expect(evaluations).toBe(2);
    stop();
  });

  it('says why in the words that are there now, when nothing but the words was changed', async () => {
    typed('main/source/power', '550 W');
    show(<FigureText path="main/motor/torque" name="torque" />);
    fireEvent.click(screen.getByRole('button', { name: /torque/ }));
    fireEvent.click(await screen.findByRole('button', { name: /^P 550 W/ }));
    expect(await screen.findByText(/typed “550 W”/)).toBeTruthy();
  });

  it('is answered for beside it; another takes the sheet over, and the same pressed again puts it away', async () => {
    show(
      <>
        <FigureText path="main/motor/torque" name="torque, motor" />
        <FigureText path="main/tool/speed" name="speed, tool" />
      </>,
    );
    const [torque, speed] = screen.getAllByRole('button') as [HTMLElement, HTMLElement];
    const sheet = () => screen.queryByRole('dialog', { name: 'why' })?.textContent ?? '';
    fireEvent.click(torque);
    expect(sheet()).toContain('torque, motor');
    fireEvent.click(speed);
    expect(sheet()).toContain('speed, tool');
    fireEvent.click(speed);
    expect(sheet()).toBe('');
    fireEvent.click(torque);
    fireEvent.keyDown(document.activeElement ?? document.body, { key: 'Escape' });
    expect(sheet()).toBe('');
    // What was pressed has the focus again, a moment later.
    await waitFor(() => expect(document.activeElement).toBe(torque));
  });

  it('that is not known says what to enter', async () => {
    typed('main/source/power', '?');
    show(<FigureText path="main/tool/torque" name="torque" />);
    fireEvent.click(screen.getByRole('button', { name: /not known/ }));
    expect(await screen.findByText(/Enter Plate power and it can be worked out/)).toBeTruthy();
  });
});

describe('a build that begins on this page', () => {
  const id = '0b9f4ad3-6f52-4a6e-9d0e-0d5f4d0a7c11';
  const begin = async () => {
    await reopen({ id, version: 0, changedAt: '', notices: [], build: beginSizing('rotary-tumbler') }, true);
    // What was open before is still sent.
    await vi.waitFor(() => expect(saved.length).toBeGreaterThan(0));
    saved.length = 0;
  };

  it('is worked out with what is usual and keeps only what is typed, which is its first save', async () => {
    await begin();
    const asUsual = open().evaluation.says;
    expect(at.allSaid(asUsual)).toContain('The drum needs');
    expect(saved).toEqual([]);
    typed('main/work/load', '30 kg');
    expect(open().evaluation.says).not.toEqual(asUsual);
    sentNow();
    await vi.waitFor(() => expect(saved.length).toBe(1));
    expect(Object.keys(saved[0]?.lines[0]?.work.inputs ?? {})).toEqual(['load']);
  });

  it('goes on with the usual values as guesses, and no longer leaves open what is chosen', async () => {
    await begin();
    at.usualKept();
    at.kindChosen('main/source', 'plate-motor');
    expect(input('main/work/drum')).toMatchObject({ text: '300 mm', how: 'guessed' });
    expect(at.allSaid(open().evaluation.says)).toContain('nothing drives it yet');
    at.sizingTurned(false);
    expect(at.allSaid(open().evaluation.says)).not.toContain('nothing drives it yet');
    at.sizingTurned(false);
    await at.whenKept();
    expect(open().save.state).toBe('kept');
    expect(saved.at(-1)?.lines[0]?.source.kind).toBe('plate-motor');
  });

  it('is kept as it began by who goes on without a word', async () => {
    await begin();
    at.sizingTurned(false);
    await at.whenKept();
    expect(saved.map(({ name }) => name)).toEqual(['Rotary tumbler']);
  });

  it('becomes another machine, is plugged into the wall, and all of it is undone', async () => {
    await begin();
    at.workChosen('fruit-crusher');
    at.wallEntered({ voltage: '230 V' });
    expect([open().build.name, input('supply/voltage')?.value]).toEqual(['Fruit crusher', 230]);
    undone();
    undone();
    expect([open().build.name, input('supply/voltage')]).toEqual(['Rotary tumbler', undefined]);
  });

  it('is not asked for at the server while nobody has it', async () => {
    await begin();
    const asked = vi.fn();
    vi.stubGlobal('fetch', asked);
    const queue = new SaveQueue(
      id,
      { version: 0, build: open().build },
      { tell: () => {}, sending: () => {}, acknowledged: () => {}, merge: () => 'nothing' },
    );
    queue.heard(Number.MAX_SAFE_INTEGER);
    await Promise.resolve();
    expect([asked.mock.calls.length, queue.isUnbegun]).toEqual([0, true]);
  });
});

describe('many shafts', () => {
  const build = (() => {
    const begun = blankBuild('Many shafts');
    const [line] = begun.lines;
    const stage = line?.stages[0];
    if (!line || !stage) throw new Error('a blank sheet has a belt');
    const stages = [0, 1, 2].map((k) => ({ ...stage, id: `belt-${k}` }));
    const stations = [0, 1, 2, 3].map((k) => ({ id: `s-${k}`, name: `shaft ${k}` }));
    const bare: Build = { ...begun, lines: [{ ...line, stages, stations }] };
    return stations.slice(1).reduce((each, { id }) => withShaftBegun(each, line.id, id), bare);
  })();
  const shafts = () => open().evaluation.lines[0]?.shafts ?? [];

  it('follow a key elsewhere behind its frame; a key of their own is answered at once, and so is the last of several', async () => {
    await reopen({ id: 'm', version: 1, changedAt: '', notices: [], build });
    for (const [path, text] of Object.entries({ 'source/power': '0.55 kW', 'source/powerIs': 'shaft', 'source/speed': '1425', 'work/torque': '8' }))
      typed(`main/${path}`, text);
    for (const k of [0, 1, 2])
      for (const [name, text] of [
        ['driver', '75'],
        ['driven', '150'],
      ])
        typed(`main/belt-${k}/${name}`, text as string);
    fieldLeft();
    const whole = () => evaluateBuild(structuredClone(open().build), at.kinds).checks.map(({ id, verdict }) => `${id} ${verdict}`);
    const told = () => open().evaluation.checks.map(({ id, verdict }) => `${id} ${verdict}`);
    await vi.waitFor(() => expect(told()).toEqual(whole()));
    const before = shafts();
    typed('main/belt-1/driven', '280');
    expect(shafts()).toHaveLength(3);
    expect(shafts().every((each, k) => each === before[k])).toBe(true);
    typed('main/belt-1/driven', '285');
    await vi.waitFor(() => expect(shafts().every((each, k) => each === before[k])).toBe(false));
    expect(told()).toEqual(whole());
    const bar = open().build.shafts[0];
    typed(`@shafts/${bar?.id}/@sections/${bar?.sections[0]?.id}/diameter`, '31');
    expect(told()).toEqual(whole());
  });
});
