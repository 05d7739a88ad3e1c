import { type Build, blankBuild, placesOf } from '@hobrek/core';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Field } from './field.js';
import { FigureText } from './figure-text.js';
import { closeBuild, openBuild, renamed, typed, useOpenBuild } from './open-build.js';

const saved: Build[] = [];

beforeEach(async () => {
  saved.length = 0;
  vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
    saved.push(JSON.parse(init.body as string));
    return new Response(JSON.stringify({ version: saved.length + 1, changedAt: '2026-11-25T10:42:00Z' }));
  });
  await openBuild({ id: 'b', version: 1, changedAt: '', notices: [], build: blankBuild('Crusher') });
  for (const [path, text] of [
    ['source/power', '0.55 kW'],
    ['source/speed', '1425'],
    ['belt/driver', '75'],
    ['belt/driven', '250'],
    ['work/torque', '8'],
  ]) {
    typed(`main/${path}`, text as string);
  }
});
afterEach(() => {
  vi.useRealTimers();
  cleanup();
  closeBuild();
  vi.unstubAllGlobals();
});

const open = () => {
  const { open: now } = useOpenBuild.getState();
  if (!now) throw new Error('no build is open');
  return now;
};
const roll = () => open().evaluation.lines[0]?.stations.at(-1)?.torque;

/** The power's field as the bench shows it, following the store. */
function PowerField() {
  const build = useOpenBuild(({ open: now }) => now?.build);
  const place = build && placesOf(build).find((each) => each.path === 'main/source/power');
  return place ? <Field place={place} /> : null;
}

describe('an event', () => {
  it('is worked out in the same tick and sent to be kept', async () => {
    const before = roll();
    typed('main/source/power', '1/2 hp');
    expect(roll()).not.toEqual(before);
    expect(open().evaluation.verdict).toBe('gives');
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

describe('a field', () => {
  it('says how it understood what was typed', () => {
    render(<PowerField />);
    fireEvent.change(screen.getByLabelText('Shaft power'), { target: { value: '1/2 hp' } });
    expect(screen.getByText('= 373 W')).toBeTruthy();
  });

  it.each([
    ['abc', '“abc”'],
    ['-5 kW', 'it takes 1 W to 1000 kW'],
    ['5 parsecs', '“parsecs” is not a unit of power'],
    ['', 'Shaft power is empty'],
  ])('keeps “%s” on the screen, says what is wrong after a pause, and greys the figures that rest on it', async (text, words) => {
    vi.useFakeTimers();
    const before = roll();
    render(
      <>
        <PowerField />
        <FigureText figure={roll() as NonNullable<ReturnType<typeof roll>>} name="torque" />
        <FigureText figure={open().evaluation.lines[0]?.figures.get('main/belt')?.get('ratio') as never} name="ratio" />
      </>,
    );
    const input = screen.getByLabelText<HTMLInputElement>('Shaft power');
    fireEvent.change(input, { target: { value: text } });
    await act(() => vi.advanceTimersByTimeAsync(1_000));
    expect(input.value).toBe(text);
    expect(input.getAttribute('aria-invalid')).toBe('true');
    const said = document.getElementById(input.getAttribute('aria-describedby') ?? '')?.textContent;
    expect(said).toContain(words);
    expect(said).toContain('Until then the figures are for 0.55 kW.');
    expect(roll()).toEqual(before);
    expect(document.querySelectorAll('[data-stale]')).toHaveLength(1);
  });
});

describe('a figure', () => {
  it('answers why: formula, what went in, source, and so on down to what was typed', async () => {
    render(<FigureText figure={roll() as NonNullable<ReturnType<typeof roll>>} name="torque, roll" />);
    fireEvent.click(screen.getByRole('button', { name: /torque, roll: 11\.8 N·m .*Why\?/ }));
    expect(await screen.findByText('T₂ = T₁ × i × k')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^T₁ 3\.69 N·m/ }));
    expect(screen.getByText('T = 60 × P / (2 × π × n)')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^P 550 W/ }));
    expect(screen.getByText(/typed “0\.55 kW”, that is 550 W/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'back to torque on the driving shaft' }));
    expect(screen.getByText('T = 60 × P / (2 × π × n)')).toBeTruthy();
  });

  it('that is not known says what to enter', async () => {
    typed('main/source/power', '?');
    render(<FigureText figure={roll() as NonNullable<ReturnType<typeof roll>>} name="torque" />);
    fireEvent.click(screen.getByRole('button', { name: /not known/ }));
    expect(await screen.findByText(/Enter Shaft power and it can be worked out/)).toBeTruthy();
  });
});
