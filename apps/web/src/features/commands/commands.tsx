import { lazy, Suspense } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { closeCommands, openCommands, useCommandsOpen } from '../../shared/commands-open.js';
import { usePreferences } from '../../shared/preferences.js';

/** The list itself comes when someone looks for something. */
const List = lazy(async () => ({ default: (await import('./list.js')).CommandList }));

/** The commands of a page that has no build open: every page and every build, by name. */
export function Commands() {
  const isOpen = useCommandsOpen((state) => state.isOpen);
  const letters = usePreferences((preferences) => preferences.letters);
  useHotkeys('mod+k', openCommands, { enableOnFormTags: true, preventDefault: true });
  useHotkeys('k', openCommands, { enabled: letters, preventDefault: true });
  if (!isOpen) return null;
  return (
    <Suspense>
      <List close={closeCommands} />
    </Suspense>
  );
}
