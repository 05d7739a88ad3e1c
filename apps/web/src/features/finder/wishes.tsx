import { briefParts, type Field as FieldOf, fieldWords, finderFields, type Input, type wishFields } from '@hobrek/core';
import { memo, type ReactNode } from 'react';
import { Entry } from '../../open-build/entry.js';
import { useDocument, useOpen } from '../../open-build/here.js';

/** Wishes of the brief that a drive is looked for by. */
const ofBrief = ['leastSpeed', 'mostSpeed', 'mostLength', 'mostHeight'] as const satisfies readonly (keyof typeof wishFields)[];

type Name = keyof typeof finderFields;
const kinds = ['vBelts', 'timingBelts', 'chains', 'gearboxes', 'gears', 'couplings'] as const satisfies readonly Name[];
const must = ['holds', 'quiet', 'reverses', 'folded'] as const satisfies readonly Name[];
const entered: readonly Name[] = [
  'motors',
  'reserved',
  'buy',
  'bores',
  'slip',
  'rank',
  'stages',
  'mostBought',
  'mostPoints',
  'off',
  'speed1',
  'speed2',
  'speed3',
  'speed4',
  'motorShaft',
  'toolShaft',
  'between',
  'orBetween',
  'leastWheel',
  'mostWheel',
  'turned',
  'apart',
  'slot',
  'lastApart',
];

/** What is wished of the drive: each changes what is found as it is typed. @param isWhole whether its fields are there yet, folded away as they are */
export const DriveWishes = memo(function DriveWishes({ isWhole }: { isWhole: boolean }) {
  const wishes = useDocument(({ build }) => build.wishes);
  const finder = useDocument(({ build }) => build.finder);
  const said = [
    ...ofBrief.map((name) => wishes?.[name] && fieldSaid(briefParts.wishes[name], wishes[name])),
    ...names.map((name) => saidOf(name, finder?.[name])),
  ].filter(Boolean);
  return (
    <details className="mt-1 border-b border-hair">
      <summary className="cursor-pointer py-1 pointer-coarse:min-h-11 pointer-coarse:py-2.5">
        <span className="font-head text-lg tracking-wide uppercase">Wishes</span>{' '}
        <span className="text-sm text-soft">
          {said.length > 0 ? said.join(' · ') : 'none but the speed: each that is entered changes what is found'}
        </span>
      </summary>
      {isWhole && (
        <section aria-label="wishes" className="min-w-0 pb-3">
          <Ticks title="Made of" names={kinds} />
          <Ticks title="What it must or may do" names={must} />
          <div className={grid}>
            {ofBrief.map((name) => (
              <Entry key={name} path={`wishes/${name}`} field={briefParts.wishes[name] as FieldOf} input={wishes?.[name]} empty="any" />
            ))}
            {entered.map((name) => (
              <Entry key={name} path={`finder/${name}`} field={finderFields[name] as FieldOf} input={finder?.[name]} empty={empties[name] ?? 'any'} />
            ))}
          </div>
          <Counts />
        </section>
      )}
    </details>
  );
});

/** How much each counts for which drive is the best. */
function Counts() {
  const finder = useDocument(({ build }) => build.finder);
  return (
    <details className="mt-2">
      <summary className="cursor-pointer text-soft pointer-coarse:min-h-11 pointer-coarse:py-2.5">How much each counts for which is best</summary>
      <div className={grid}>
        {counts.map((name) => (
          <Entry key={name} path={`finder/${name}`} field={finderFields[name] as FieldOf} input={finder?.[name]} />
        ))}
      </div>
    </details>
  );
}

const counts = ['countCost', 'countBuy', 'countStages', 'countSpeed', 'countSize', 'countLoad', 'countNoise'] as const satisfies readonly Name[];
const names = [...kinds, ...must, ...entered, ...counts];

const grid = 'mt-2 grid grid-cols-6 gap-x-6 gap-y-1 pointer-coarse:gap-y-2 max-xl:grid-cols-4 max-lg:grid-cols-3 max-sm:grid-cols-1';

/** An entry with what it is of: `stages at most 3`. */
const fieldSaid = (field: FieldOf, input: Input | undefined): string => (input ? `${field.label.toLowerCase()} ${fieldWords(field, input)}` : '');

/** A wish that is entered, in words; a tick by its name alone, where it is not what is usual anyway. */
function saidOf(name: Name, input: Input | undefined): string {
  const field: FieldOf = finderFields[name];
  if (!input) return '';
  if (field.is !== 'yes-no') return fieldSaid(field, input);
  if (input.text === field.usual) return '';
  return input.text === 'no' ? `no ${field.label.toLowerCase()}` : field.label.toLowerCase();
}

/** What is taken where nothing is entered. */
const empties: Partial<Record<Name, string>> = {
  motorShaft: 'as entered',
  turned: 'none',
  speed1: 'as wished',
  speed2: 'none',
  speed3: 'none',
  speed4: 'none',
};

/** Wishes of yes or no, in one press each. */
function Ticks({ title, names }: { title: string; names: readonly Name[] }): ReactNode {
  return (
    <fieldset className="mt-1 flex pointer-coarse:mt-4 flex-wrap items-baseline gap-x-5 gap-y-1 pointer-coarse:gap-y-2">
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
