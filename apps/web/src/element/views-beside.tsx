import { lineOf } from '@hobrek/core';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useDocument, useOpen, useSession } from '../open-build/here.js';
import { OneStop } from '../shared/one-stop.js';

interface Views {
  /** What they are about. */
  readonly called: string;
  /** Path of each behind the build, and its name. */
  readonly views: readonly (readonly [path: string, says: string])[];
  readonly children?: ReactNode;
}

/** Pages about one thing, beside each other. */
export function ViewsBeside({ called, views, children }: Views) {
  const { id } = useOpen();
  const shown = useSession(({ line }) => line);
  const first = useDocument(({ build }) => lineOf(build, null).id);
  const search = shown && shown !== first ? `?line=${shown}` : '';
  return (
    <nav aria-label={called} className="mb-1 print:hidden pointer-coarse:mt-2 pointer-coarse:mb-3">
      <OneStop className="flex flex-wrap items-baseline gap-x-6 pointer-coarse:gap-y-2">
        {views.map(([path, says]) => (
          <NavLink
            key={path}
            to={`/builds/${id}/${path}${search}`}
            end
            className={({ isActive }) =>
              `grid min-h-11 content-center border-b-2 text-[0.95rem] sm:min-h-7 ${isActive ? 'border-brass font-semibold' : 'border-transparent text-blue hover:underline'}`
            }
          >
            {says}
          </NavLink>
        ))}
        {children}
      </OneStop>
    </nav>
  );
}
