import { lazy, Suspense, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { create } from 'zustand';
import type { Stop } from '../../open-build/stop.js';
import { usePreferences } from '../../shared/preferences.js';
import type { TextToRead } from '../../shared/text-sheet.js';
import { TypedAhead } from '../../shared/typed-ahead.js';

/** What is in it comes when someone looks for something, or has been here for a while. */
const allCommands = () => import('./all-commands.js');
const AllCommands = lazy(async () => ({ default: (await allCommands()).AllCommands }));
const TextSheet = lazy(async () => ({ default: (await import('../../shared/text-sheet.js')).TextSheet }));

/** Fetches what the list is made of, so that it is there when the machine is gone. */
export const fetchCommands = (): void => void allCommands().catch(() => undefined);

/** Whether the list lies open: it is opened by key, from the head, and by the thumb. */
const useShown = create<{ readonly isOpen: boolean }>()(() => ({ isOpen: false }));
export const showCommands = (): void => useShown.setState({ isOpen: true });
const hideCommands = (): void => useShown.setState({ isOpen: false });

/** Everything that can be done with the open build, and every field of it, found by typing a part of its name. */
export function CommandList({ stops }: { stops: readonly Stop[] }) {
  const open = useShown((shown) => shown.isOpen);
  const [text, read] = useState<TextToRead | null>(null);
  const letters = usePreferences((preferences) => preferences.letters);
  useHotkeys('mod+k', showCommands, { enableOnFormTags: true, preventDefault: true });
  useHotkeys('k', showCommands, { enabled: letters, preventDefault: true });
  return (
    <>
      <button type="button" aria-haspopup="dialog" className="cursor-pointer font-semibold text-ink" onClick={showCommands}>
        Do <kbd className="border border-hair px-1 font-text font-normal">{letters ? 'k' : 'Ctrl K'}</kbd>
      </button>
      <Suspense fallback={<TypedAhead close={hideCommands} />}>{open && <AllCommands stops={stops} close={hideCommands} read={read} />}</Suspense>
      <Suspense>{text && <TextSheet text={text} close={() => read(null)} />}</Suspense>
    </>
  );
}
