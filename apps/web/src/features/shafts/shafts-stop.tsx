import { type Holder, holdersOf, type Line, lineOf, readShaft, type Shaft, shaftName, shaftsOf, toolForcesOn } from '@hobrek/core';
import { memo, useState } from 'react';
import { CheckRow } from '../../element/check-row.js';
import { DriveViews } from '../../element/drive-views.js';
import { HeldEntries } from '../../element/held-entries.js';
import { useDocument, useOpen } from '../../open-build/here.js';
import { useDerived, useEvaluated, useLine } from '../../open-build/in-sight.js';
import { usePreferences } from '../../shared/preferences.js';
import { unbroken } from '../../shared/unbroken.js';
import { ShaftCures } from './shaft-cures.js';
import { ShaftDrawn } from './shaft-drawn.js';

const act = 'min-h-8 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11 pointer-coarse:px-3';

/** The shafts of a line: as they lie, bent by what pulls on them, and what of them is still to be entered. */
export function ShaftsStop() {
  const line = useLine((each) => each);
  const build = useDocument((document) => document.build);
  const here = shaftsOf(build, line);
  const isFirst = lineOf(build, null).id === line.id;
  // What lies at no place of any line is shown with the first.
  const lost = isFirst ? build.shafts.filter((shaft) => !build.lines.some((each) => shaftsOf(build, each).includes(shaft))) : [];
  const bare = line.stations.slice(1).filter(({ shaft }) => !build.shafts.some(({ id }) => id === shaft));
  return (
    <div className="grow border-t border-ink px-6 pt-1 pb-6 max-sm:px-4">
      <DriveViews />
      {[...here, ...lost].map((shaft) => (
        <ShaftShown key={shaft.id} shaft={shaft} />
      ))}
      {bare.length > 0 && <Bare line={line.id} bare={bare} isFirst={here.length === 0} />}
      <p className="mt-4 text-sm text-soft">
        A shaft that breaks throws what is on it. Where people are near it, or where it holds a load over somebody, it is worked out by a licensed
        engineer; local rules come first.
      </p>
    </div>
  );
}

interface BareShown {
  readonly line: string;
  readonly bare: Line['stations'];
  readonly isFirst: boolean;
}

/** Shafts of which nothing is entered: one line of what is known of one is enough for an answer. */
function Bare({ line, bare, isFirst }: BareShown) {
  const { shaftBegun } = useOpen();
  const [typed, type] = useState('');
  const units = usePreferences((each) => each);
  const said = typed.trim() === '' ? null : readShaft(typed, units);
  return (
    <section aria-label="shafts that are not entered" className="mt-4 border-t border-ink pt-2">
      <p>
        {isFirst
          ? 'Is the shaft strong enough? Say what is known of it, its bearings and its length: pulls and torque are known from the drive.'
          : 'Not entered yet:'}
      </p>
      <label className="mt-1 flex flex-wrap items-baseline gap-x-3">
        <span className="text-soft">What is known of it</span>
        <input
          type="text"
          value={typed}
          maxLength={200}
          placeholder="17 mm, about 300 long, two bearings"
          className="min-h-9 w-96 max-w-full border-b border-ink bg-transparent px-1 pointer-coarse:min-h-11"
          onChange={(event) => type(event.target.value)}
        />
      </label>
      <p role="status" className="min-h-6 text-sm text-soft">
        {said && said.understood !== '' && `Understood: ${said.understood}. `}
        {said && said.notRead.length > 0 && (
          <span className="text-fails-word">
            Not understood: “{said.notRead.join('”, “')}”. Say a size, a length, so many bearings, a tube, hexagon or square, and what steel it is.
          </span>
        )}
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-2">
        {bare.map(({ id, name }) => (
          <li key={id}>
            <button
              type="button"
              className="min-h-9 cursor-pointer border border-blue px-3 text-blue hover:bg-wash pointer-coarse:min-h-11"
              onClick={() => {
                shaftBegun(line, id, said ?? undefined);
                type('');
              }}
            >
              Enter the {shaftName(name)}
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">The shaft of the motor is the motor’s own; what pulls on its bearing is among the checks of the motor.</p>
    </section>
  );
}

const ShaftShown = memo(function ShaftShown({ shaft }: { shaft: Shaft }) {
  const { id, name } = shaft;
  const { shaftTakenOut, said } = useOpen();
  const evaluated = useEvaluated(({ shafts }) => shafts?.find((each) => each.id === id));
  const ids = useDerived(({ evaluation }) =>
    evaluation.lines
      .flatMap(({ ledger }) => ledger)
      .flatMap((check) => (check.id.includes(`/@shafts/${id}/`) ? [check.id] : []))
      .join('\n'),
  );
  return (
    <section aria-label={name} className="mt-3 border-t border-ink pt-1">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-head text-lg tracking-wide uppercase">{name}</h2>
        <button type="button" className={`${act} ml-auto text-sm`} onClick={() => shaftTakenOut(id)}>
          take it out<span className="sr-only">: {name}</span>
        </button>
      </div>
      <div className="grid grid-cols-[minmax(0,7fr)_minmax(0,4fr)] grid-rows-[auto_1fr] gap-x-8 max-lg:grid-cols-1 max-lg:grid-rows-none">
        <div className="min-w-0">
          {evaluated?.laid ? (
            <ShaftDrawn shaft={evaluated} laid={evaluated.laid} />
          ) : (
            <p className="text-soft">
              {evaluated && evaluated.faults.length > 0
                ? `It cannot lie so: ${evaluated.faults.join('; ')}.`
                : 'Enter what is missing below, and it is drawn.'}
            </p>
          )}
        </div>
        <div className="row-span-2 min-w-0 max-lg:row-span-1">
          {ids !== '' && (
            <ul>
              {ids.split('\n').map((each) => (
                <CheckRow key={each} id={each} narrow />
              ))}
            </ul>
          )}
          {evaluated?.assumes.map((each) => (
            <p key={each.template} className="mt-1 text-sm text-soft">
              {unbroken(said(each))}
            </p>
          ))}
          {evaluated && <ShaftCures shaft={evaluated} />}
        </div>
        <div className="min-w-0">
          <Pieces shaft={shaft} />
        </div>
      </div>
    </section>
  );
});

const kinds = { round: 'round section', tube: 'tube', hexagon: 'hexagon', square: 'square' } as const;

/** What is entered of it, piece by piece, from the left. */
function Pieces({ shaft }: { shaft: Shaft }) {
  const { pieceAdded, pieceTakenOut, pushAdded, pushTakenOut } = useOpen();
  const holders = useDocument(({ build }) => holdersOf(build));
  const tools = useDocument(({ build }) =>
    toolForcesOn(build, shaft.id)
      .map(({ id }) => `@forces/${id}`)
      .join(),
  );
  const isTool = useDocument(({ build }) => build.lines.some(({ stations }) => stations.at(-1)?.shaft === shaft.id));
  const mine = holders.filter(({ path }) => path.startsWith(`@shafts/${shaft.id}/`));
  const of = (list: string): readonly Holder[] =>
    list === 'forces' ? holders.filter(({ path }) => tools.split(',').includes(path)) : mine.filter(({ path }) => path.split('/')[2] === `@${list}`);
  const list = (which: 'sections' | 'bearings' | 'seats' | 'forces', title: string) => (
    <section aria-label={title} className="mt-2">
      <h3 className="text-sm text-soft">{title}</h3>
      {of(which).map(({ path, called, where, fields, isWhole, inputs }) => {
        const id = path.split('/').at(-1) ?? '';
        const name = called.replace(` of the ${shaft.name}`, '');
        return (
          <section key={path} aria-label={called} className="border-b border-hair pb-1">
            <h4 className="flex flex-wrap items-baseline gap-x-3">
              <span className="font-semibold first-letter:uppercase">{name}</span>
              {(which === 'sections' || which === 'bearings') && <span className="text-sm text-soft">{where}</span>}
              {which !== 'seats' && (
                <button
                  type="button"
                  className={`${act} ml-auto text-sm`}
                  onClick={() => (which === 'forces' ? pushTakenOut(id) : pieceTakenOut(shaft.id, which, id))}
                >
                  take out<span className="sr-only"> {called}</span>
                </button>
              )}
            </h4>
            <HeldEntries path={path} fields={fields} isWhole={isWhole} inputs={inputs} />
          </section>
        );
      })}
    </section>
  );
  return (
    <>
      {list('sections', 'Sections, from the left')}
      <p className="mt-1 flex flex-wrap gap-x-5 text-sm">
        {Object.entries(kinds).map(([kind, says]) => (
          <button key={kind} type="button" className={act} onClick={() => pieceAdded(shaft.id, 'sections', kind)}>
            + {says}
          </button>
        ))}
      </p>
      {list('seats', 'Wheels on it')}
      {isTool && (
        <>
          {list('forces', 'The tool on it')}
          <p className="mt-1 text-sm">
            <button type="button" className={act} onClick={() => pushAdded(shaft.id)}>
              + push of the tool
            </button>
          </p>
        </>
      )}
      {list('bearings', 'Bearings')}
      <p className="mt-1 text-sm">
        <button type="button" className={act} onClick={() => pieceAdded(shaft.id, 'bearings', 'bearing')}>
          + bearing
        </button>
      </p>
    </>
  );
}
