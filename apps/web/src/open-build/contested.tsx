import type { Conflict } from '@hobrek/core';
import { useDocument } from './here.js';

/** The field that a conflict is about: `main/belt/driven`, `wishes/mass`; null where it is about something else. */
export function fieldOfConflict({ path }: Conflict): string | null {
  const [first = '', second = ''] = path;
  if (first === 'wishes' || first === 'supply') return `${first}/${second}`;
  const at = path.indexOf('inputs');
  return at > 0 ? `${path[1]}/${path[at - 1]}/${path[at + 1]}` : null;
}

/** Said at a field that was changed elsewhere as well; which of both holds is chosen above. */
export function Contested({ path }: { path: string }) {
  const isContested = useDocument(({ mergeConflict }) => mergeConflict?.conflicts.some((each) => fieldOfConflict(each) === path) === true);
  return isContested ? <p className="border-l-2 border-fails pl-2 text-sm text-fails-word">Changed elsewhere too: choose above.</p> : null;
}
