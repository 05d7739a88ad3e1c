import { useHotkeys } from 'react-hotkeys-hook';
import { pick, pickAlong } from '../../open-build/open-build.js';
import { useOpenBuild } from '../../open-build/store.js';

/**
 * Outside fields, arrow keys go along the power path, Enter goes to the first field of what is picked, Esc leaves it. Everywhere, Ctrl+Enter goes to the
 * first field of the next element, Ctrl+Shift+Enter to that of the one before.
 */
export function usePathKeys(): void {
  useHotkeys('right', () => pickAlong(1), { preventDefault: true });
  useHotkeys('left', () => pickAlong(-1), { preventDefault: true });
  useHotkeys('enter', goToField);
  useHotkeys('esc', () => pick(null));
  useHotkeys('mod+enter', () => goTo(1), { enableOnFormTags: true, preventDefault: true });
  useHotkeys('mod+shift+enter', () => goTo(-1), { enableOnFormTags: true, preventDefault: true });
}

/** A button that has the focus keeps its own Enter. */
function goToField(event: KeyboardEvent): void {
  const picked = useOpenBuild.getState().open?.picked;
  if (!picked || document.activeElement !== document.body) return;
  event.preventDefault();
  focusFirst(picked);
}

function goTo(by: 1 | -1): void {
  pickAlong(by);
  const picked = useOpenBuild.getState().open?.picked;
  if (picked) focusFirst(picked);
}

function focusFirst(element: string): void {
  const field = document.querySelector<HTMLElement>(`[data-element="${CSS.escape(element)}"] :is(input, select):not([data-kind])`);
  field?.focus();
  field?.scrollIntoView({ block: 'nearest' });
}
