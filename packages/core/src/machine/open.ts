import { isOpen } from '../kinds/is-open.js';
import type { Line } from './build.js';
import { elementsOf } from './paths.js';

export { isOpen, openKind } from '../kinds/is-open.js';

/** Paths of the places of a line that are open. */
export const openPlacesOf = (line: Line): ReadonlySet<string> =>
  new Set(elementsOf(line).flatMap(({ path, element }) => (isOpen(element) ? [path] : [])));
