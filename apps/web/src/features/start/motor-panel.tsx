import { applies, kindHead, lineOf, placesOf } from '@hobrek/core';
import { KindOf } from '../../element/fields.js';
import { Drives } from '../../motor-in-hand/drives.js';
import { Needs } from '../../motor-in-hand/needs.js';
import { Entry } from '../../open-build/entry.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { InSight, useDerived } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
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

/** Its torque at some speeds; which machines of usual size it would drive, and which builds; what it needs. */
export function CouldDrive({ size }: { size: (kind: string) => void }) {
  const { said } = useOpen();
  const line = useDocument(({ build }) => lineOf(build, null).id);
  const says = useDerived(({ evaluation }) => evaluation.says[0]);
  return (
    <div className="grid gap-y-3">
      <p data-testid="sentence" className="text-xl leading-snug">
        {says && unbroken(said(says))}
      </p>
      <InSight value={false}>
        <Drives line={line} size={size} />
        <details>
          <summary className="min-h-7 cursor-pointer font-head text-lg tracking-wide uppercase pointer-coarse:min-h-11">What it needs</summary>
          <Needs line={line} />
        </details>
      </InSight>
    </div>
  );
}
