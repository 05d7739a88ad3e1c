import { lineOf } from '@hobrek/core';
import { NavLink, useParams } from 'react-router';
import { useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import type { Stop } from '../../open-build/stop.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** A stop of the work by its name, with the worst verdict of what belongs to it. */
export function StopLink({ stop, stops }: { stop: Stop; stops: readonly Stop[] }) {
  const { id } = useOpen();
  const { stop: path = '' } = useParams();
  const isBeside = stops.find((each) => each.path === path)?.beside === stop.path;
  const name = useLine((line) => stop.name(line));
  const shown = useSession(({ line }) => line);
  const first = useDocument(({ build }) => lineOf(build, null).id);
  const mark = useFollowed(true, (derived) => stop.mark?.(derived, lineOf(derived.build, shown)) ?? null);
  return (
    <NavLink
      to={`/builds/${id}${stop.path ? `/${stop.path}` : ''}${shown && shown !== first ? `?line=${shown}` : ''}`}
      end
      className={({ isActive }) =>
        `font-head relative min-w-28 pt-1 pr-3 pl-1.5 text-lg leading-8 whitespace-nowrap max-sm:grid max-sm:min-h-11 max-sm:grid-flow-col max-sm:items-center max-sm:justify-start max-sm:gap-x-2 max-sm:pt-0 ${isActive || isBeside ? 'text-ink' : 'text-soft hover:text-ink'}`
      }
    >
      {({ isActive }) => (
        <>
          {(isActive || isBeside) && (
            <span aria-hidden="true" className="absolute -top-px left-1 size-0 border-x-[7px] border-t-[9px] border-x-transparent border-t-brass" />
          )}
          {name} {mark && <VerdictMark verdict={mark} />}
        </>
      )}
    </NavLink>
  );
}
