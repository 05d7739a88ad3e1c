import { type BriefPart, briefParts, type Field as FieldOf, type Inputs, supplyFields, type Wall, wallOf } from '@hobrek/core';
import { Entry } from '../../open-build/entry.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { useDerived } from '../../open-build/in-sight.js';
import { usePreferences } from '../../shared/preferences.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { Kept } from './kept.js';

/** What the machine must do and for whom, in the person's own words; it is above everything that is worked out. */
export function BriefStop() {
  const { briefed, noted } = useOpen();
  const brief = useDocument(({ build }) => build.brief);
  const notes = useDocument(({ build }) => build.notes);
  return (
    <div className="grid grow grid-cols-2 gap-x-10 border-t border-ink px-6 py-3 max-lg:grid-cols-1 max-sm:px-4">
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Brief{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">
            what it must do, to what, how often; what the last one did wrong
          </span>
        </h2>
        <Words label="What must it do?" value={brief} most={4_000} change={briefed} />
      </section>
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Beside it{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">
            what is on hand, what it must not weigh, where it will be used
          </span>
        </h2>
        <Words label="What else should be remembered?" value={notes} most={20_000} change={noted} />
      </section>
      <section>
        <Heading says="the socket it is plugged into; Supply at the motor goes before it">Supply</Heading>
        <Entries part="supply" />
        <WorkshopsWall />
      </section>
      <section>
        <Heading says="each is a check, once both its sides are known">Wishes</Heading>
        <Entries part="wishes" />
        <Verdicts />
      </section>
      <Kept />
    </div>
  );
}

function Heading({ says, children }: { says: string; children: string }) {
  return (
    <h2 className="font-head mt-4 text-lg tracking-wide uppercase">
      {children} <span className="font-text text-sm tracking-normal text-soft normal-case">{says}</span>
    </h2>
  );
}

function Entries({ part }: { part: BriefPart }) {
  const entries = useDocument(({ build }) => build[part]) as Inputs | undefined;
  return (
    <div className="grid grid-cols-2 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-sm:grid-cols-1">
      {Object.entries<FieldOf>(briefParts[part]).map(([name, field]) => (
        <Entry key={name} path={`${part}/${name}`} field={field} input={entries?.[name]} />
      ))}
    </div>
  );
}

/** Whether new builds begin with this wall, and the way to have it so. */
function WorkshopsWall() {
  const build = useDocument((document) => document.build);
  const kept = usePreferences(({ wall }) => wall);
  const here = wallOf(build);
  const isKept = saysWall(kept) === saysWall(here);
  if (Object.keys(here).length === 0 && Object.keys(kept).length === 0) {
    return <p className="mt-2 text-sm text-soft">Enter it once: it can be kept for the builds that come after.</p>;
  }
  return (
    <p className="mt-2 text-sm text-soft">
      {Object.keys(kept).length > 0 && <>New builds begin with {saysWall(kept)}. </>}
      {!isKept && Object.keys(here).length > 0 && (
        <button type="button" className="cursor-pointer text-blue hover:underline" onClick={() => usePreferences.setState({ wall: here })}>
          Keep {saysWall(here)} for new builds
        </button>
      )}
    </p>
  );
}

/** A wall in a line: `230 V, 50 Hz, one phase, 16 A`. */
const saysWall = (wall: Wall): string =>
  Object.keys(supplyFields)
    .flatMap((name) => {
      const text = wall[name as keyof Wall];
      return text === undefined ? [] : [name === 'phases' ? (text === '3' ? 'three phases' : 'one phase') : text];
    })
    .join(', ');

function Verdicts() {
  const { said } = useOpen();
  const checks = useDerived(({ evaluation }) => evaluation.checks);
  return (
    <ul className="mt-3" aria-label="wishes, held against the machine">
      {checks
        .filter(({ at }) => at === 'wishes')
        .map(({ id, verdict, says }) => (
          <li key={id} className="flex gap-2 border-b border-hair py-1">
            <span className="mt-1">
              <VerdictMark verdict={verdict} />
            </span>{' '}
            <span>{said(says)}</span>
          </li>
        ))}
    </ul>
  );
}

function Words({ label, value, most, change }: { label: string; value: string; most: number; change: (text: string) => void }) {
  const { fieldLeft } = useOpen();
  return (
    <label className="mt-2 block text-sm text-soft">
      {label}
      <textarea
        className="mt-1 block w-full border border-ink bg-sheet p-2 text-base text-ink"
        rows={5}
        maxLength={most}
        value={value}
        onChange={(event) => change(event.target.value)}
        onBlur={fieldLeft}
      />
    </label>
  );
}
