import { type Element, familyWith, type LookName, looks, type WhatIsIt, whatIsIt } from '@hobrek/core';

/** The motor with an answer in it. */
export const answered = (element: Element, name: string, text: string): Element => ({
  ...element,
  inputs: { ...element.inputs, [name]: { text, how: 'measured' } },
});

/** So many are kept: of some looks every answer, and of the look behind each of these every answer. */
const mostKept = 200;
const kept = new Map<string, unknown>();

function once<T>(key: string, work: () => T): T {
  if (kept.has(key)) return kept.get(key) as T;
  if (kept.size >= mostKept) kept.clear();
  const now = work();
  kept.set(key, now);
  return now;
}

const keyOf = (path: string, { inputs }: Element): string =>
  JSON.stringify([path, Object.entries(inputs).map(([name, { text, rows, low, high }]) => [name, text, rows, low, high])]);

/** What a motor is, worked out once for the same answers. */
export const motorIs = (path: string, element: Element, wall_V: number | undefined): WhatIsIt =>
  once(`${keyOf(path, element)} ${wall_V}`, () => whatIsIt(path, element, wall_V));

/** What an answer would make likeliest. */
export const wouldBe = (path: string, element: Element, name: LookName, text: string): ReturnType<typeof familyWith> =>
  once(`${keyOf(path, element)} ${name} ${text}`, () => familyWith(path, element, name, text));

const answersOf = (look: string | null | undefined): readonly string[] => (look && look in looks ? Object.keys(looks[look as LookName].answers) : []);

/** What each answer of a look makes of it, worked out while nobody presses anything: a press finds it there. @returns what gives it up */
export function workAhead(path: string, element: Element, look: string | null, wall_V: number | undefined): () => void {
  const todo = answersOf(look).map((text) => () => {
    const then = answered(element, look as string, text);
    const next = motorIs(path, then, wall_V).next[0]?.look;
    for (const other of answersOf(next)) wouldBe(path, then, next as LookName, other);
  });
  const idle = window.requestIdleCallback ?? ((act: () => void) => setTimeout(act, 100));
  const giveUp = window.cancelIdleCallback ?? clearTimeout;
  let waiting = 0;
  const one = () => {
    todo.shift()?.();
    if (todo.length > 0) waiting = idle(one) as number;
  };
  waiting = idle(one) as number;
  return () => giveUp(waiting);
}
