import { type Figure, fieldsUnder } from '@hobrek/core';
import { useOpenBuild } from './open-build.js';

/** Does a figure rest on a field whose text is not read yet? */
export function useStale(figure: Figure): boolean {
  return useOpenBuild(({ open }) => {
    if (!open || open.drafted.size === 0) return false;
    return [...fieldsUnder(figure)].some((path) => open.drafted.has(path));
  });
}
