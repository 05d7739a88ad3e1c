import type { Role } from '../kinds/kind.js';
import { plainFeed } from '../kinds/registry.js';
import type { Element, Line } from './build.js';

interface Placed {
  readonly role: Role;
  readonly path: string;
  readonly element: Element;
}

/** What feeds a source that says nothing of it. */
export const plainMains: Element = { kind: plainFeed.kind, v: plainFeed.v, inputs: {} };

/** The elements of a line in order from what feeds it to the work, each with its path: `main/feed`, `main/source`, `main/belt`, `main/work`. */
export function elementsOf(line: Line): readonly Placed[] {
  const known = inOrder.get(line);
  if (known) return known;
  const all: readonly Placed[] = [
    { role: 'feed', path: `${line.id}/feed`, element: line.source.feed ?? plainMains },
    { role: 'source', path: `${line.id}/source`, element: line.source },
    ...line.stages.map((stage): Placed => ({ role: 'stage', path: `${line.id}/${stage.id}`, element: stage })),
    { role: 'work', path: `${line.id}/work`, element: line.work },
  ];
  inOrder.set(line, all);
  return all;
}

/** A line never changes: its elements are put in order once. */
const inOrder = new WeakMap<Line, readonly Placed[]>();
