import type { Build, Element } from './build.js';
import { elementsOf } from './paths.js';

/** Kind of a place that is kept for an element that is still to be chosen. */
export const openKind = 'open';

export const isOpen = ({ kind }: Pick<Element, 'kind'>): boolean => kind === openKind;

/** Paths of the places of a build that are open. */
export const openPlaces = (build: Build): ReadonlySet<string> =>
  new Set(build.lines.flatMap(elementsOf).flatMap(({ path, element }) => (isOpen(element) ? [path] : [])));
