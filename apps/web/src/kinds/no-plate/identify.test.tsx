import { blankBuild, cannot, type Element, looks } from '@hobrek/core';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ToolShown } from '../tool.js';
import { answered, seenOf } from './ahead.js';
import { Identify } from './identify.js';

afterEach(cleanup);

const path = 'main/source';
/** Where it came from is not known: the first look is one that is answered by a press. */
const noPlate: Element = answered({ kind: 'no-plate', v: 1, inputs: {} }, 'donor', cannot);
const first = seenOf(path, noPlate, undefined, null);
const look = first.look as keyof typeof looks;
const [answer = '', says = ''] = Object.entries(looks[look].answers)[0] as [string, string];
const questionAfter = (text: string) => {
  const then = seenOf(path, answered(noPlate, look, text), undefined, null).look as keyof typeof looks;
  return looks[then].question;
};

const noEntry = () => null;
const unread = { evaluation: {}, kinds: {}, Entry: noEntry } as unknown as Pick<ToolShown, 'evaluation' | 'kinds' | 'Entry'>;

/** The tool at a motor that takes what is typed, or refuses it. */
function Page({ takes, typed }: { takes: boolean; typed: (at: string, text: string) => void }) {
  const [element, setElement] = useState(noPlate);
  const [change] = useState(() => ({
    typed: (at: string, text: string) => {
      typed(at, text);
      if (takes) setElement((now) => answered(now, at.slice(path.length + 1), text));
    },
    fieldLeft: () => {},
    familyTaken: () => {},
  }));
  return <Identify path={path} element={element} build={blankBuild('Motor')} change={change as unknown as ToolShown['change']} {...unread} />;
}

const atMotor = (takes = true) => {
  const typed = vi.fn();
  return { typed, ...render(<Page takes={takes} typed={typed} />) };
};

const sections = () => [...document.querySelectorAll<HTMLElement>('section')];
/** The screens that a person sees: of those on the page neither behind nor made ahead. */
const seen = () => sections().filter(({ style }) => style.contentVisibility === 'visible');
const question = () => seen()[0]?.querySelector('h2')?.textContent;
/** Until every screen that a press can lead to lies behind. */
const madeAhead = () =>
  waitFor(() =>
    expect(sections().filter(({ style }) => style.contentVisibility === 'hidden')).toHaveLength(Object.keys(looks[look].answers).length + 2),
  );
const pressed = (name: string) => {
  const button = [...(seen()[0] as HTMLElement).querySelectorAll('button')].find((each) => each.textContent?.startsWith(name));
  fireEvent.click(button as HTMLElement);
};

describe('a press on an answer', () => {
  it('shows the next look at once, and enters the answer behind that', async () => {
    const { typed } = atMotor();
    await madeAhead();
    pressed(says);
    expect(seen()).toHaveLength(1);
    expect(question()).toBe(questionAfter(answer));
    expect(typed).not.toHaveBeenCalled();
    await waitFor(() => expect(typed).toHaveBeenCalledExactlyOnceWith(`${path}/${look}`, answer));
    expect(seen()).toHaveLength(1);
    expect(question()).toBe(questionAfter(answer));
    expect(screen.getByRole('region', { name: 'what is this motor' })).toBe(seen()[0]);
  });

  it('does the same where nothing was made ahead yet', async () => {
    const { typed } = atMotor();
    pressed('Cannot reach');
    expect(question()).toBe(questionAfter(cannot));
    await waitFor(() => expect(typed).toHaveBeenCalledExactlyOnceWith(`${path}/${look}`, cannot));
    expect(seen()).toHaveLength(1);
  });

  it('is entered though the page is left in the same frame', async () => {
    const { typed, unmount } = atMotor();
    await madeAhead();
    pressed(says);
    unmount();
    expect(typed).toHaveBeenCalledExactlyOnceWith(`${path}/${look}`, answer);
  });

  it('is followed by another within the same frame: both are entered', async () => {
    const { typed } = atMotor();
    await madeAhead();
    pressed(says);
    pressed('Cannot reach');
    await waitFor(() => expect(typed).toHaveBeenCalledTimes(2));
    expect(typed.mock.calls.map(([, text]) => text)).toEqual([answer, cannot]);
    expect(seen()).toHaveLength(1);
  });

  it('leaves one screen where the build does not take it', async () => {
    const { typed } = atMotor(false);
    await madeAhead();
    pressed(says);
    await waitFor(() => expect(typed).toHaveBeenCalled());
    expect(seen()).toHaveLength(1);
    expect(screen.getByRole('region', { name: 'what is this motor' })).toBe(seen()[0]);
  });
});

it('another look first shows one other screen, and enters nothing', async () => {
  const { typed } = atMotor();
  await madeAhead();
  const before = question();
  pressed('Another look first');
  expect(question()).not.toBe(before);
  await act(() => new Promise((done) => setTimeout(done, 150)));
  expect(seen()).toHaveLength(1);
  expect(question()).not.toBe(before);
  expect(typed).not.toHaveBeenCalled();
});
