import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { openCommands } from './commands-open.js';
import { usePreferences } from './preferences.js';

interface Head {
  readonly children?: ReactNode;
  readonly end?: ReactNode;
  /** Another rule is right below it. */
  readonly isRuled?: boolean;
  /** Without it, on a phone what the page is about has the room of the name. */
  readonly isRoomy?: boolean;
  /** A build has commands of its own. */
  readonly hasCommands?: boolean;
}

/** The rule across the top of every page: the name, what the page is about, and what is at its end. */
export function PageHead({ children, end, isRuled = true, isRoomy = true, hasCommands = true }: Head) {
  const letters = usePreferences((preferences) => preferences.letters);
  return (
    <header
      data-round="head"
      className={`flex min-h-11 flex-wrap items-baseline gap-x-4 gap-y-1 pointer-coarse:gap-y-2 px-6 pt-1.5 pb-1 max-sm:px-4 pointer-coarse:pb-2 ${isRuled ? 'border-b border-ink' : ''}`}
    >
      <Link to="/" className={`font-head text-2xl tracking-wide text-blue uppercase ${isRoomy ? '' : 'max-sm:hidden'}`}>
        Hobrek
      </Link>
      {children}
      <div className="ml-auto flex flex-wrap items-baseline gap-x-5 text-sm text-soft pointer-coarse:gap-y-2">
        {end}
        {hasCommands && (
          <button type="button" aria-haspopup="dialog" className="cursor-pointer font-semibold text-ink max-sm:hidden" onClick={openCommands}>
            Do <kbd className="border border-hair px-1 font-text font-normal">{letters ? 'k' : 'Ctrl K'}</kbd>
          </button>
        )}
      </div>
    </header>
  );
}
