import { fieldsThatDecide } from '@hobrek/core';
import { flushSync } from 'react-dom';
import { pick } from './open-build.js';
import { useOpenBuild } from './store.js';

/** The field itself, its group opened. */
export function focusField(path: string): void {
  // Picked first: a field of another line is on the page only once that line is shown.
  flushSync(() => pick(path.split('/').slice(0, 2).join('/')));
  const field = document.querySelector<HTMLElement>(`[data-path="${CSS.escape(path)}"]`);
  field?.closest('details')?.setAttribute('open', '');
  field?.focus();
  field?.scrollIntoView({ block: 'center' });
}

/** On to the next field that a check waits for, behind this one and then from the first; where none does, to the next on the page. */
export function focusNext(path: string): void {
  const { open } = useOpenBuild.getState();
  const shown = [...document.querySelectorAll<HTMLElement>('[data-path]')];
  const paths = shown.map(({ dataset }) => dataset.path as string);
  const at = paths.indexOf(path);
  const waited = new Set(open ? fieldsThatDecide(open.build, open.evaluation.checks) : []);
  const onward = [...paths.slice(at + 1), ...paths.slice(0, at)];
  const next = onward.find((each) => waited.has(each)) ?? paths.slice(at + 1).find((_, k) => shown[at + 1 + k]?.getClientRects().length !== 0);
  if (next) focusField(next);
  // Behind the last of them, to what one goes on with.
  else document.querySelector<HTMLElement>('[data-onward]')?.focus();
}
