import { applies, couldDriveWorks, kindHead, lineOf, placesOf } from '@hobrek/core';
import { useMemo } from 'react';
import { KindOf } from '../../element/fields.js';
import { Entry } from '../../open-build/entry.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { useDerived } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { Rivets } from '../../shared/rivets.js';
import { unbroken } from '../../shared/unbroken.js';

/** What of its plate says what it could drive: what its kind has in no group, and what in one tells as much. */
const alsoAsked = ['voltage'];

/** A motor in hand: of which kind it is, its plate, and what feeds it where that is not the wall. */
export function MotorPanel() {
  const build = useDocument((document) => document.build);
  const line = lineOf(build, null);
  const { kind, inputs, feed } = line.source;
  const head = kindHead('source', kind);
  const grouped = new Set(Object.values(head?.groups ?? {}).flat());
  const isAsked = (name: string) => !grouped.has(name) || alsoAsked.includes(name);
  const feedFields = head?.fedBy === undefined ? [] : Object.keys(kindHead('feed', feed?.kind ?? '')?.fields ?? {});
  const isOfFeed = (path: string) => path.startsWith(`${line.id}/feed/`);
  const asked = placesOf(build).filter(({ path, field }) => {
    const [at, element, name = ''] = path.split('/');
    if (at !== line.id) return false;
    if (element === 'source') return isAsked(name) && applies(field, inputs);
    return element === 'feed' && feedFields.includes(name) && applies(field, feed?.inputs ?? {});
  });
  const places = [...asked.filter(({ path }) => !isOfFeed(path)), ...asked.filter(({ path }) => isOfFeed(path))];
  const path = `${line.id}/source`;
  return (
    <>
      <Tools on="over" of="source" path={path} />
      <fieldset className="relative border border-ink bg-plate px-8 pt-2 pb-3">
        <legend className="sr-only">{head?.observes ? 'the motor in hand' : 'the motor’s plate'}</legend>
        <Rivets />
        <p className="apart text-sm">
          <KindOf of="source" path={path} kind={kind} label={head?.label ?? kind} />
        </p>
        <p className="text-sm text-soft">
          {head?.observes ? 'What it came out of' : 'What is stamped on it'}
          {head?.marks ? '; the whole plate in one line is read too: 0.55 kW 1425 230 V 1~' : ''}
        </p>
        <div className="grid grid-cols-2 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-sm:grid-cols-1">
          {places.map(({ path, field, input }) => (
            <Entry key={path} path={path} field={field} input={input} />
          ))}
        </div>
      </fieldset>
    </>
  );
}

/** Its torque at some speeds, and which machines of usual size need about so much. */
export function CouldDrive({ size }: { size: (kind: string) => void }) {
  const { kinds, said } = useOpen();
  const build = useDocument((document) => document.build);
  const says = useDerived(({ evaluation }) => evaluation.says[0]);
  useUnits();
  const works = useMemo(() => couldDriveWorks(build, kinds), [build, kinds]);
  return (
    <div>
      <p data-testid="sentence" className="text-xl leading-snug">
        {says && unbroken(said(says))}
      </p>
      {works.length > 0 && (
        <ul aria-label="machines that it could drive" className="mt-2">
          {works.map(({ kind, name, needs_W, fits }) => (
            <li key={kind} className="grid grid-cols-[1fr_auto_auto] items-baseline gap-x-4 border-b border-hair py-1">
              <span>
                <b className="font-semibold">{name}</b> of usual size
              </span>
              <span className="text-sm text-soft">
                needs {show(needs_W, 'W')}: {fits}
              </span>
              <button type="button" className="cursor-pointer text-blue hover:underline" onClick={() => size(kind)}>
                size it
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
