import { useHotkeys } from 'react-hotkeys-hook';
import { pick, pickAlong, useOpenBuild } from '../../build/open-build.js';

/** Arrow keys go along the power path, Enter goes to the first field of what is picked, Esc leaves it. Outside fields only. */
export function usePathKeys(): void {
  useHotkeys('right', () => pickAlong(1), { preventDefault: true });
  useHotkeys('left', () => pickAlong(-1), { preventDefault: true });
  useHotkeys('enter', goToField);
  useHotkeys('esc', () => pick(null));
}

/** A button that has the focus keeps its own Enter. */
function goToField(event: KeyboardEvent): void {
  const picked = useOpenBuild.getState().open?.picked;
  if (!picked || document.activeElement !== document.body) return;
  event.preventDefault();
  document.querySelector<HTMLInputElement>(`[data-element="${CSS.escape(picked)}"] input`)?.focus();
}
