import { useHotkeys } from 'react-hotkeys-hook';
import { usePreferences } from '../shared/preferences.js';
import { isMeant } from './focus-field.js';
import { useDocument, useOpen } from './here.js';

const inFields = { enableOnFormTags: true, preventDefault: true } as const;

/** Undo and redo, as words to press and as keys: single letters outside fields, chords everywhere. */
export function UndoKeys() {
  const open = useOpen();
  const { undone, redone } = open;
  const canUndo = useDocument(({ history }) => history.past.length > 0);
  const canRedo = useDocument(({ history }) => history.future.length > 0);
  const ifMeant = (act: () => void) => () => (isMeant(open) ? act() : undefined);
  useHotkeys('mod+z', ifMeant(undone), inFields);
  useHotkeys('mod+shift+z, mod+y', ifMeant(redone), inFields);
  const letters = usePreferences((preferences) => preferences.letters);
  useHotkeys('z', ifMeant(undone), { enabled: letters });
  useHotkeys('shift+z', ifMeant(redone), { enabled: letters });
  return (
    <>
      <Word says="Undo" keyShown={letters ? 'z' : 'Ctrl Z'} can={canUndo} act={undone} />
      <Word says="Redo" keyShown={letters ? 'Z' : 'Ctrl Y'} can={canRedo} act={redone} />
    </>
  );
}

function Word({ says, keyShown, can, act }: { says: string; keyShown: string; can: boolean; act: () => void }) {
  return (
    <button
      type="button"
      className="cursor-pointer font-semibold text-ink disabled:cursor-default disabled:font-normal disabled:text-soft"
      disabled={!can}
      onClick={act}
    >
      {says} <kbd className="border border-hair px-1 font-text font-normal max-sm:hidden">{keyShown}</kbd>
    </button>
  );
}
