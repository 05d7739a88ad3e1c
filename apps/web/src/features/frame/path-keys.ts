import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { firstField, focusWhenThere } from '../../open-build/focus-field.js';
import { useOpen } from '../../open-build/here.js';
import type { OpenBuild } from '../../open-build/open-build.js';

/**
 * Outside fields, arrow keys go along the power path, Enter goes to the first field of what is picked, Esc goes to the first page. Everywhere, Ctrl+Enter goes to the
 * first field of the next element, Ctrl+Shift+Enter to that of the one before.
 */
export function usePathKeys(): void {
  const open = useOpen();
  const navigate = useNavigate();
  useHotkeys('right', (event) => walk(open, event, 1));
  useHotkeys('left', (event) => walk(open, event, -1));
  useHotkeys('enter', (event) => goToField(open, event));
  // What lies open over the page is closed by it, and no more.
  useHotkeys('esc', (event) => (event.defaultPrevented ? undefined : void navigate(`/builds/${open.id}`)));
  useHotkeys('mod+enter', () => goTo(open, 1), { enableOnFormTags: true, preventDefault: true });
  useHotkeys('mod+shift+enter', () => goTo(open, -1), { enableOnFormTags: true, preventDefault: true });
}

/** A row keeps the arrows that go along it, and so does a stage that is being taken to another place. */
function walk(open: OpenBuild, event: KeyboardEvent, by: 1 | -1): void {
  if (event.defaultPrevented || document.activeElement?.matches('[aria-roledescription][aria-pressed=true]')) return;
  event.preventDefault();
  open.pickAlong(by);
}

/** A button that has the focus keeps its own Enter. */
function goToField(open: OpenBuild, event: KeyboardEvent): void {
  const { picked } = open.session.getState();
  if (!picked || document.activeElement !== document.body) return;
  event.preventDefault();
  focusWhenThere(open, firstField(picked));
}

function goTo(open: OpenBuild, by: 1 | -1): void {
  open.pickAlong(by);
  const { picked } = open.session.getState();
  if (picked) focusWhenThere(open, firstField(picked));
}
