import type { Build, Element, Input, Inputs, Line } from './build.js';
import { same } from './same.js';

/**
 * Whether two builds come to the same: every entry means the same, in whatever words it is written, in the same elements in the same order. Name, brief and
 * notes are for people and may differ, and so may what is looked for; whatever else is in a build counts. Nothing can be worked out from one that differs from what is worked out from the
 * other.
 */
export function meansTheSame(a: Build, b: Build): boolean {
  if (a === b) return true;
  const [one, other] = [buildIn(a), buildIn(b)];
  return (
    same(one.rest, other.rest) &&
    entriesMeanTheSame(one.supply as Inputs, other.supply as Inputs) &&
    entriesMeanTheSame(one.wishes, other.wishes) &&
    pairwise(one.lines, other.lines, sameLine)
  );
}

const buildIn = ({ name: _name, brief: _brief, notes: _notes, finder: _finder, supply, wishes, lines, ...rest }: Build) => ({
  supply,
  wishes,
  lines,
  rest,
});

function pairwise<T>(a: readonly T[], b: readonly T[], alike: (one: T, other: T) => boolean): boolean {
  return a === b || (a.length === b.length && a.every((each, k) => each === b[k] || alike(each, b[k] as T)));
}

function sameLine(a: Line, b: Line): boolean {
  const [one, other] = [lineIn(a), lineIn(b)];
  return (
    same(one.rest, other.rest) &&
    sameElement(one.source, other.source) &&
    sameElement(one.feed, other.feed) &&
    pairwise(one.stages, other.stages, sameElement) &&
    sameElement(one.work, other.work)
  );
}

const lineIn = ({ source: { feed, ...source }, stages, work, ...rest }: Line) => ({ feed, source, stages, work, rest });

function sameElement(a: Element | undefined, b: Element | undefined): boolean {
  if (a === b) return true;
  if (!a || !b) return false;
  const [one, other] = [elementIn(a), elementIn(b)];
  return same(one.rest, other.rest) && entriesMeanTheSame(one.inputs, other.inputs);
}

const elementIn = ({ inputs, ...rest }: Element) => ({ inputs, rest });

function entriesMeanTheSame(a: Inputs | undefined, b: Inputs | undefined): boolean {
  return a === b || same(meaningOf(a), meaningOf(b));
}

/**
 * What is entered, without the words: a quantity by its value and how it is known, a choice by what was chosen, a table by what is in its rows, a part by its
 * sizes; a draft and a note mean nothing yet.
 */
const meaningOf = (inputs: Inputs = {}): object => Object.fromEntries(Object.entries(inputs).map(([name, input]) => [name, meant(input)]));

function meant({ text, draft: _draft, note: _note, rows, part, ...meaning }: Input): unknown {
  if (rows) return rows.map(({ inputs }) => meaningOf(inputs));
  if (part) return { part: part.id, sizes: meaningOf(part.inputs) };
  return meaning.value === undefined ? text || undefined : meaning;
}
