import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Head {
  readonly children?: ReactNode;
  readonly end?: ReactNode;
  /** Another rule is right below it. */
  readonly isRuled?: boolean;
}

/** The rule across the top of every page: the name, what the page is about, and what is at its end. */
export function PageHead({ children, end, isRuled = true }: Head) {
  return (
    <header
      data-round="head"
      className={`flex min-h-11 flex-wrap items-baseline gap-x-4 gap-y-1 px-6 pt-1.5 pb-1 max-sm:px-4 ${isRuled ? 'border-b border-ink' : ''}`}
    >
      <Link to="/" className="font-head text-2xl tracking-wide text-blue uppercase">
        Hobrek
      </Link>
      {children}
      <div className="ml-auto flex items-baseline gap-5 text-sm text-soft">{end}</div>
    </header>
  );
}
