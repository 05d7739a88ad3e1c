import type { Build, Element, Inputs, Line, QuantityInput } from './build.js';
import { same } from './merge.js';

/**
 * Whether two builds come to the same: every entry means the same, in whatever words it is written, in the same elements in the same order. Name, brief and
 * notes are for people and may differ. Nothing can be worked out from one that differs from what is worked out from the other.
 */
export const meansTheSame = (a: Build, b: Build): boolean =>
  a === b ||
  (same(a.shafts, b.shafts) &&
    entriesMeanTheSame(a.supply as Inputs, b.supply as Inputs) &&
    entriesMeanTheSame(a.wishes, b.wishes) &&
    pairwise(a.lines, b.lines, sameLine));

function pairwise<T>(a: readonly T[], b: readonly T[], alike: (one: T, other: T) => boolean): boolean {
  return a === b || (a.length === b.length && a.every((each, k) => each === b[k] || alike(each, b[k] as T)));
}

const sameLine = (a: Line, b: Line): boolean =>
  a.id === b.id &&
  a.name === b.name &&
  same(a.source.settings, b.source.settings) &&
  same(a.source.from, b.source.from) &&
  sameElement(a.source, b.source) &&
  sameElement(a.source.feed, b.source.feed) &&
  pairwise(a.stages, b.stages, (one, other) => one.id === other.id && sameElement(one, other)) &&
  sameElement(a.work, b.work) &&
  pairwise(a.stations, b.stations, (one, other) => one.id === other.id && one.name === other.name && one.shaft === other.shaft);

const sameElement = (a: Element | undefined, b: Element | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && a.kind === b.kind && a.v === b.v && entriesMeanTheSame(a.inputs, b.inputs));

const none: Inputs = {};

function entriesMeanTheSame(a: Inputs = none, b: Inputs = none): boolean {
  if (a === b) return true;
  for (const name in a) if (!entryMeansTheSame(a[name], b[name])) return false;
  for (const name in b) if (!(name in a) && !entryMeansTheSame(undefined, b[name])) return false;
  return true;
}

/** A quantity by its value and how it is known, a choice by what was chosen; a draft and a note mean nothing yet. */
function entryMeansTheSame(a: QuantityInput | undefined, b: QuantityInput | undefined): boolean {
  if (a === b) return true;
  if (a?.value === undefined || b?.value === undefined) return a?.value === b?.value && (a?.text ?? '') === (b?.text ?? '');
  return a.value === b.value && a.unit === b.unit && a.low === b.low && a.high === b.high && a.how === b.how;
}
