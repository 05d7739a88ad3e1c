import type { Conflict } from '@hobrek/core';
import { useDocument } from './here.js';

/** The field, the row or the cell that a conflict is about: `main/belt/driven`, `wishes/mass`, `main/work/readings/r1/drawn`; null where it is about something else. */
export function fieldOfConflict({ path }: Conflict): string | null {
  const [first = '', second = ''] = path;
  if (first === 'wishes' || first === 'supply') return `${first}/${second}`;
  const at = path.indexOf('inputs');
  if (at < 0) return null;
  const [field, , row, , column] = path.slice(at + 1);
  return [path[1], path[at - 1], field, row, column].filter((part) => part !== undefined).join('/');
}

/** Said at a field that was changed elsewhere as well; which of both holds is chosen above. */
export function Contested({ path }: { path: string }) {
  const isContested = useDocument(({ mergeConflict }) => mergeConflict?.conflicts.some((each) => isIn(fieldOfConflict(each), path)) === true);
  return isContested ? <p className="border-l-2 border-fails pl-2 text-sm text-fails-word">Changed elsewhere too: choose above.</p> : null;
}

/** A table is contested where any of its cells is. */
const isIn = (field: string | null, path: string): boolean => field === path || field?.startsWith(`${path}/`) === true;
