import { briefParts, type Field as FieldOf, finderFields, type wishFields } from '@hobrek/core';
import type { ReactNode } from 'react';
import { Entry } from '../../open-build/entry.js';
import { useDocument, useOpen } from '../../open-build/here.js';

/** Wishes of the brief that a drive is looked for by. */
const ofBrief = ['leastSpeed', 'mostSpeed', 'mostLength', 'mostHeight'] as const satisfies readonly (keyof typeof wishFields)[];

type Name = keyof typeof finderFields;
const kinds = ['vBelts', 'timingBelts', 'chains', 'gearboxes', 'gears', 'couplings'] as const satisfies readonly Name[];
const must = ['holds', 'quiet', 'reverses', 'folded'] as const satisfies readonly Name[];
const entered = [
  ...['buy', 'bores', 'slip', 'rank', 'stages', 'mostBought', 'mostPoints', 'off', 'motorShaft', 'toolShaft', 'between', 'orBetween'],
  ...['leastWheel', 'mostWheel', 'turned', 'apart', 'slot'],
] as readonly Name[];

/** What is wished of the drive: each changes what is found as it is typed. */
export function DriveWishes() {
  const wishes = useDocument(({ build }) => build.wishes);
  const finder = useDocument(({ build }) => build.finder);
  return (
    <section aria-label="wishes" className="min-w-0">
      <h2 className="font-head text-lg tracking-wide uppercase">
        Wishes{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          each is read as it is typed; what is left out rules nothing out
        </span>
      </h2>
      <Ticks title="Made of" names={kinds} />
      <Ticks title="What it must or may do" names={must} />
      <div className="mt-2 grid grid-cols-4 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-lg:grid-cols-3 max-sm:grid-cols-1">
        {ofBrief.map((name) => (
          <Entry key={name} path={`wishes/${name}`} field={briefParts.wishes[name] as FieldOf} input={wishes?.[name]} empty="any" />
        ))}
        {entered.map((name) => (
          <Entry key={name} path={`finder/${name}`} field={finderFields[name] as FieldOf} input={finder?.[name]} empty={empties[name] ?? 'any'} />
        ))}
      </div>
    </section>
  );
}

/** What is taken where nothing is entered. */
const empties: Partial<Record<Name, string>> = { motorShaft: 'as entered', turned: 'none' };

/** Wishes of yes or no, in one press each. */
function Ticks({ title, names }: { title: string; names: readonly Name[] }): ReactNode {
  return (
    <fieldset className="mt-1 flex flex-wrap items-baseline gap-x-5 gap-y-1 pointer-coarse:gap-y-2">
      <legend className="float-left mr-5 min-h-8 pt-1 text-sm text-soft">{title}</legend>
      {names.map((name) => (
        <Tick key={name} name={name} />
      ))}
    </fieldset>
  );
}

function Tick({ name }: { name: Name }) {
  const { typed, fieldLeft } = useOpen();
  const field = finderFields[name];
  const usual = 'usual' in field && field.usual === 'yes';
  const said = useDocument(({ build }) => build.finder?.[name]?.text);
  const is = said ? said === 'yes' : usual;
  return (
    <label className="inline-flex min-h-8 cursor-pointer items-center gap-x-2 pointer-coarse:min-h-11" title={field.help}>
      <input
        type="checkbox"
        data-path={`finder/${name}`}
        className="size-4 accent-blue"
        checked={is}
        onChange={(event) => {
          typed(`finder/${name}`, event.target.checked ? 'yes' : 'no');
          fieldLeft();
        }}
      />
      {field.label}
    </label>
  );
}
