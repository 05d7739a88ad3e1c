import { fieldsThatDecide, isBriefPart, isHeld, isInTable, isSetting, lineOf, shaftsOf, toolForcesOn } from '@hobrek/core';
import { flushSync } from 'react-dom';
import { focusOnce } from '../shared/focus-once.js';
import type { OpenBuild } from './open-build.js';
import { keptPart, shaftPart } from './stop.js';

/** What is on the page of an open build: another may be beside it. */
export const onPage = <E extends HTMLElement>({ id }: OpenBuild, selector: string): E[] => [
  ...document.querySelectorAll<E>(`[data-build="${CSS.escape(id)}"] :is(${selector})`),
];

/** A key is meant for the build that has the focus; where there is but one on the page, for that. */
export function isMeant({ id }: OpenBuild): boolean {
  const all = new Set([...document.querySelectorAll<HTMLElement>('[data-build]')].map(({ dataset }) => dataset.build));
  return all.size < 2 || document.activeElement?.closest<HTMLElement>('[data-build]')?.dataset.build === id;
}

/** Focuses what a selector finds on the page of an open build, once it is there. */
export const focusWhenThere = (open: OpenBuild, selector: string, block: ScrollLogicalPosition = 'nearest'): void =>
  focusOnce(() => onPage(open, selector)[0], block);

/** Finds the first field of an element. */
export const firstField = (element: string): string => `[data-element="${CSS.escape(element)}"] :is(input, [role=combobox]):not([data-kind])`;

/** The field itself, or a cell of a table, its group opened, at its own stop. */
export function focusField(open: OpenBuild, path: string): void {
  const parts = path.split('/');
  // Picked first: a field is on the page only at the stop of its element.
  const held = isHeld(path);
  flushSync(() => (held ? goToHeld(open, path) : open.pick(isBriefPart(parts[0]) ? parts[0] : parts.slice(0, 2).join('/'))));
  if (isInTable(path)) open.session.setState({ cell: path });
  focusWhenThere(open, `[data-path="${CSS.escape(path)}"]`, 'center');
}

/** Where what is held besides the elements of the lines is entered: settings beside the drive, pieces of shafts with the shafts, the others on the brief. */
function goToHeld(open: OpenBuild, path: string): void {
  const { build } = open.document.getState();
  const [first = '', second] = path.split('/');
  const shaft = build.shafts.find(({ id }) =>
    first === '@shafts' ? id === second : toolForcesOn(build, id).some((force) => path.startsWith(`@forces/${force.id}/`)),
  );
  if (shaft) {
    const line = build.lines.find((each) => shaftsOf(build, each).includes(shaft)) ?? lineOf(build, null);
    open.wentTo(line.id, shaftPart);
    return;
  }
  const stage = isSetting(path) ? build.lines.find(({ id }) => id === first)?.stages[0] : undefined;
  open.pick(stage ? `${first}/${stage.id}` : keptPart);
}

/** On to the next field that a check waits for, behind this one, then from the first of the page, then at another stop; where none does, to the next on the page. */
export function focusNext(open: OpenBuild, path: string): void {
  const shown = onPage(open, '[data-path]');
  const paths = shown.map(({ dataset }) => dataset.path as string);
  const at = paths.indexOf(path);
  const waited = fieldsThatDecide(open.document.getState().build, open.derived.getState().evaluation.checks);
  const onward = [...paths.slice(at + 1), ...paths.slice(0, at)];
  const next =
    onward.find((each) => waited.includes(each)) ??
    waited.find((each) => each !== path) ??
    paths.slice(at + 1).find((_, k) => shown[at + 1 + k]?.getClientRects().length !== 0);
  if (next) focusField(open, next);
  // Behind the last of them, to what one goes on with.
  else onPage(open, '[data-onward]')[0]?.focus();
}
