import { type Build, elementsOf, lineOf } from '@hobrek/core';
import { useEffect, useRef } from 'react';
import { useLocation, useNavigate, useNavigationType } from 'react-router';
import { focusField } from '../../open-build/focus-field.js';
import { useOpen } from '../../open-build/here.js';
import { elementsAt, isPartOf, type Stop } from '../../open-build/stop.js';

/** A place on a build: a stop of the work, a line, a part of it. */
interface Place {
  readonly stop: Stop;
  readonly line: string | null;
  readonly picked: string | null;
}

/** The address of a place. The first line, and the first part of a stop, need no mention. */
function addressOf(build: Build, id: string, { stop, line, picked }: Place): string {
  const shown = lineOf(build, line);
  const search = new URLSearchParams();
  if (shown.id !== lineOf(build, null).id) search.set('line', shown.id);
  const parts = elementsAt(stop, shown);
  if (picked && parts.indexOf(picked) > 0) search.set('part', picked.slice(shown.id.length + 1));
  const said = search.toString();
  return `/builds/${id}${stop.path ? `/${stop.path}` : ''}${said ? `?${said}` : ''}`;
}

/** What an address says of line and part; a part that is not there, or no longer, is the first of the stop. */
function placeAt(build: Build, stop: Stop, search: URLSearchParams): Pick<Place, 'line' | 'picked'> {
  const shown = lineOf(build, search.get('line'));
  const parts = elementsAt(stop, shown);
  const picked = parts.find((path) => path === `${shown.id}/${search.get('part')}`) ?? parts[0] ?? null;
  return { line: shown.id === lineOf(build, null).id ? null : shown.id, picked };
}

/** Picks that follow each other so soon are one walk along the path, and one step of the browser's back. */
const walk_ms = 700;

/**
 * Stop, line and picked part are in the address, so that a reload and the browser's back come back to them; and picking a part, wherever, leads to the stop
 * where it is entered. `?at=main/source/power` leads to a field.
 */
export function usePlaceInAddress(stop: Stop, stops: readonly Stop[]): void {
  const open = useOpen();
  const navigate = useNavigate();
  const { pathname, search } = useLocation();
  const here = useRef('');
  here.current = `${pathname}${search}`;
  const lastPick = useRef(0);
  // Where a pick leads: until it is there, an address on the way to it says nothing that the pick has not said.
  const going = useRef<string | null>(null);
  const isBack = useNavigationType() === 'POP';
  useEffect(() => {
    if (isBack) going.current = null;
    if (going.current !== null) {
      if (going.current === here.current) going.current = null;
      return;
    }
    const asked = new URLSearchParams(search);
    const at = asked.get('at');
    const { build } = open.document.getState();
    if (at) {
      const part = at.split('/').length > 2 ? at.slice(0, at.lastIndexOf('/')) : (at.split('/')[0] ?? '');
      const to = stops.find((each) => isPartOf(each, build, part)) ?? stop;
      const line = build.lines.find((each) => elementsOf(each).some(({ path }) => path === part))?.id ?? asked.get('line');
      void navigate(addressOf(build, open.id, { stop: to, line, picked: part }), { replace: true });
      focusField(open, at);
      return;
    }
    const { line, picked } = placeAt(build, stop, asked);
    open.wentTo(line, picked);
  }, [open, stop, stops, search, navigate, isBack]);
  useEffect(
    () =>
      open.session.subscribe((now, before) => {
        if (now.picked === before.picked && now.line === before.line) return;
        const { build } = open.document.getState();
        const { picked, line } = now;
        const to = (picked && stops.find((each) => isPartOf(each, build, picked))) || stop;
        const address = addressOf(build, open.id, { stop: to, line, picked });
        if (address === here.current) return;
        const time = Date.now();
        // Another stop is there at once: the next key is meant for it. Within one, its parts follow the pick by themselves.
        const isWithin = to === stop;
        if (isWithin) going.current = address;
        void navigate(address, { replace: isWithin && time - lastPick.current < walk_ms, flushSync: !isWithin });
        lastPick.current = time;
      }),
    [open, stop, stops, navigate],
  );
}
