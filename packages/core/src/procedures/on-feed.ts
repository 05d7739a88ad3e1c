import type { Figure } from '../figure/figure.js';
import type { OwnFigures } from '../kinds/context.js';
import type { Fed, FeedKind, SourceKind, SourceOutput, Supply } from '../kinds/kind.js';
import type { Build, Line } from '../machine/build.js';
import { entryFigure } from '../machine/entry-figure.js';
import type { Opened } from './opened.js';

/** A source on its feed, with the figures that each of them keeps. */
interface OnFeed {
  readonly feed: Opened['kind'];
  readonly source: Opened['kind'];
  readonly fed: Fed;
  readonly ofFeed: OwnFigures;
  put: { readonly output: SourceOutput; readonly ofSource: OwnFigures } | null;
}

/** Entries never change: a source that nobody touched puts out the same on the same feed, whatever it drives. */
const kept = new WeakMap<object, Map<string, OnFeed>>();
/** So many are kept of a source: it is tried at the feeds of other builds. */
const mostKept = 16;

/**
 * What feeds a source, as it was worked out last where it still is the same.
 * @param feed its figures are filled
 */
export function feedOf(line: Line, feed: Opened, source: Opened, supply: Build['supply']): OnFeed {
  const key = JSON.stringify([source.path, line.source.feed?.inputs, supply]);
  const all = kept.get(line.source.inputs) ?? new Map<string, OnFeed>();
  let now = all.get(key);
  if (now?.feed !== feed.kind || now.source !== source.kind) {
    const fed = (feed.kind as FeedKind).feed(feed.inputs, supplyOf(supply), feed.context);
    now = { feed: feed.kind, source: source.kind, fed, ofFeed: new Map(feed.figures), put: null };
    if (all.size >= mostKept) all.clear();
    all.set(key, now);
    kept.set(line.source.inputs, all);
    return now;
  }
  copied(now.ofFeed, feed.figures);
  return now;
}

/**
 * What a source puts out on its feed.
 * @param source its figures are filled
 * @param filled its entries where something was filled in that nobody entered; nothing of that is kept
 */
export function outputOf(on: OnFeed, source: Opened, filled: Opened['inputs'] = source.inputs): SourceOutput {
  const kind = source.kind as SourceKind;
  if (filled !== source.inputs) return kind.output(filled, on.fed, source.context);
  if (!on.put) {
    const output = kind.output(source.inputs, on.fed, source.context);
    on.put = { output, ofSource: new Map(source.figures) };
    return output;
  }
  copied(on.put.ofSource, source.figures);
  return on.put.output;
}

function copied(from: OwnFigures, to: OwnFigures): void {
  for (const [name, figure] of from) to.set(name, figure);
}

/** What the brief says of the supply. */
function supplyOf(supply: Build['supply']): Supply {
  const entry = <U extends 'V' | 'Hz' | 'A'>(name: keyof Build['supply'], unit: U): Figure<U> =>
    entryFigure(supply[name], unit, `supply/${name}`, []);
  const phases = { is: supply.phases?.text as '1' | '3' | undefined, field: 'supply/phases' };
  return { voltage: entry('voltage', 'V'), frequency: entry('frequency', 'Hz'), phases, breaker: entry('breaker', 'A') };
}
