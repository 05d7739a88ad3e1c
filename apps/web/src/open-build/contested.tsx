import { placeOfConflict } from '@hobrek/core';
import { useDocument } from './here.js';

/** Said at a field that was changed elsewhere as well; which of both holds is chosen above. */
export function Contested({ path }: { path: string }) {
  const isContested = useDocument(({ mergeConflict }) => mergeConflict?.conflicts.some((each) => isIn(placeOfConflict(each), path)) === true);
  return isContested ? <p className="border-l-2 border-fails pl-2 text-sm text-fails-word">Changed elsewhere too: choose above.</p> : null;
}

/** A table is contested where any of its cells is. */
const isIn = (field: string | null, path: string): boolean => field === path || field?.startsWith(`${path}/`) === true;
