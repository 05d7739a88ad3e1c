import { lazy, Suspense, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { closeCommands, openCommands, useCommandsOpen } from '../../shared/commands-open.js';
import { usePreferences } from '../../shared/preferences.js';
import type { TextToRead } from '../../shared/text-sheet.js';
import { TypedAhead } from '../../shared/typed-ahead.js';

/** The list itself, and what is read from it, come when someone looks for something. */
const List = lazy(async () => ({ default: (await import('./list.js')).CommandList }));
const TextSheet = lazy(async () => ({ default: (await import('../../shared/text-sheet.js')).TextSheet }));

/** The commands of a page that has no build open: every page and every build, by name. */
export function Commands() {
  const isOpen = useCommandsOpen((state) => state.isOpen);
  const letters = usePreferences((preferences) => preferences.letters);
  const [text, read] = useState<TextToRead | null>(null);
  useHotkeys('mod+k', openCommands, { enableOnFormTags: true, preventDefault: true });
  useHotkeys('k', openCommands, { enabled: letters, preventDefault: true });
  return (
    <>
      <Suspense fallback={<TypedAhead close={closeCommands} />}>{isOpen && <List close={closeCommands} read={read} />}</Suspense>
      <Suspense>{text && <TextSheet text={text} close={() => read(null)} />}</Suspense>
    </>
  );
}
