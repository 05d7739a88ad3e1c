import { lineOf } from '@hobrek/core';
import { NavLink } from 'react-router';
import { useDocument, useOpen, useSession } from '../open-build/here.js';
import { OneStop } from '../shared/one-stop.js';

const views = [
  ['drive', 'What is there'],
  ['finder', 'Find a drive'],
] as const;

/** The pages about what lies between motor and tool, beside each other. */
export function DriveViews() {
  const { id } = useOpen();
  const shown = useSession(({ line }) => line);
  const first = useDocument(({ build }) => lineOf(build, null).id);
  const search = shown && shown !== first ? `?line=${shown}` : '';
  return (
    <nav aria-label="about the drive" className="mb-1 print:hidden pointer-coarse:mt-2">
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
      </OneStop>
    </nav>
  );
}
