import type { Element, Line } from './build.js';
import { elementsOf } from './paths.js';

/** Kind of a place that is kept for an element that is still to be chosen. */
export const openKind = 'open';

export const isOpen = ({ kind }: Pick<Element, 'kind'>): boolean => kind === openKind;

/** Paths of the places of a line that are open. */
export const openPlacesOf = (line: Line): ReadonlySet<string> =>
  new Set(elementsOf(line).flatMap(({ path, element }) => (isOpen(element) ? [path] : [])));
