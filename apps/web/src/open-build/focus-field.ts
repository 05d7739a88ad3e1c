import { fieldsThatDecide } from '@hobrek/core';
import { flushSync } from 'react-dom';
import type { OpenBuild } from './open-build.js';

/** What is on the page of an open build: another may be beside it. */
export const onPage = <E extends HTMLElement>({ id }: OpenBuild, selector: string): E[] => [
  ...document.querySelectorAll<E>(`[data-build="${CSS.escape(id)}"] :is(${selector})`),
];

/** A key is meant for the build that has the focus; where there is but one on the page, for that. */
export function isMeant({ id }: OpenBuild): boolean {
  const all = new Set([...document.querySelectorAll<HTMLElement>('[data-build]')].map(({ dataset }) => dataset.build));
  return all.size < 2 || document.activeElement?.closest<HTMLElement>('[data-build]')?.dataset.build === id;
}

/** The field itself, its group opened. */
export function focusField(open: OpenBuild, path: string): void {
  // Picked first: a field of another line is on the page only once that line is shown.
  flushSync(() => open.pick(path.split('/').slice(0, 2).join('/')));
  const [field] = onPage(open, `[data-path="${CSS.escape(path)}"]`);
  field?.closest('details')?.setAttribute('open', '');
  field?.focus();
  field?.scrollIntoView({ block: 'center' });
}

/** On to the next field that a check waits for, behind this one and then from the first; where none does, to the next on the page. */
export function focusNext(open: OpenBuild, path: string): void {
  const shown = onPage(open, '[data-path]');
  const paths = shown.map(({ dataset }) => dataset.path as string);
  const at = paths.indexOf(path);
  const waited = new Set(fieldsThatDecide(open.document.getState().build, open.derived.getState().evaluation.checks));
  const onward = [...paths.slice(at + 1), ...paths.slice(0, at)];
  const next = onward.find((each) => waited.has(each)) ?? paths.slice(at + 1).find((_, k) => shown[at + 1 + k]?.getClientRects().length !== 0);
  if (next) focusField(open, next);
  // Behind the last of them, to what one goes on with.
  else onPage(open, '[data-onward]')[0]?.focus();
}
