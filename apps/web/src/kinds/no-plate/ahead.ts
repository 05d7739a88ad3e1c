import { cannot, type Element, familyWith, type LookName, looks, type WhatIsIt, whatIsIt } from '@hobrek/core';

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

/** What an answer would make likeliest. */
export const wouldBe = (path: string, element: Element, name: LookName, text: string): ReturnType<typeof familyWith> =>
  once(`${keyOf(path, element)} ${name} ${text}`, () => familyWith(path, element, name, text));

/** A motor with some answers, the look that comes next, and what the motor is by them. */
export interface Seen {
  /** The same for the same answers and look. */
  readonly key: string;
  readonly path: string;
  readonly element: Element;
  readonly wall_V: number | undefined;
  readonly look: string | null;
  readonly is: WhatIsIt;
}

/** What is seen of a motor: worked out once for the same answers. @param picked a look that was chosen before the one that would tell most */
export function seenOf(path: string, element: Element, wall_V: number | undefined, picked: string | null): Seen {
  const key = `${keyOf(path, element)} ${wall_V} ${picked}`;
  return once(key, () => {
    const is = once(`${keyOf(path, element)} ${wall_V}`, () => whatIsIt(path, element, wall_V));
    return { key, path, element, wall_V, look: picked ?? is.next[0]?.look ?? null, is };
  });
}

/** The look that comes when another is chosen first. */
export const laterOf = ({ is: { next }, look: now }: Seen): string | null => next.map(({ look }) => look).filter((look) => look !== now)[0] ?? null;

/** What a press may lead to: each answer of the look, that it cannot be reached, and another look first. */
export function aheadOf(now: Seen): readonly (() => Seen)[] {
  const { path, element, wall_V, look } = now;
  if (!look) return [];
  const answers = look in looks ? [...Object.keys(looks[look as LookName].answers), cannot] : look === 'donor' ? [cannot] : [];
  const states = [
    ...answers.map((text) => () => seenOf(path, answered(element, look, text), wall_V, null)),
    () => seenOf(path, element, wall_V, laterOf(now)),
  ];
  return states.map((state) => () => {
    const then = state();
    for (const text of Object.keys(looks[then.look as LookName]?.answers ?? {})) wouldBe(path, then.element, then.look as LookName, text);
    return then;
  });
}
