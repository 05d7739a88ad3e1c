import type { StoredBuild } from '@hobrek/contracts';
import { type Build, type Compared, compareBuilds, headlineOf, lineOf, namesOfElements, type Place, placesOf } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useStore } from 'zustand';
import { Entry } from '../../open-build/entry.js';
import { OpenBuildHere, useDocument, useOpen } from '../../open-build/here.js';
import { useFollowed } from '../../open-build/in-sight.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import type { OpenBuild } from '../../open-build/open-build.js';
import { SaveWord } from '../../open-build/save-word.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { useOpened } from '../../open-build/use-opened.js';
import { ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { useUnits } from '../../shared/preferences.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { Another } from './another.js';
import { Drawings } from './drawings.js';

/** Two builds side by side, both open: what is entered otherwise can be changed in either, and what follows is laid side by side at once. */
export function ComparePage() {
  const { a = '', b = '' } = useParams();
  const [one, other] = [useStored(a), useStored(b)];
  const openA = useOpened(one.data);
  // A build beside itself is open once.
  const openOther = useOpened(a === b ? undefined : other.data);
  const openB = a === b ? openA : openOther;
  const error = one.error ?? other.error;
  return (
    <>
      <title>Side by side · Hobrek</title>
      <PageHead>
        <h1 className="font-head text-xl">Side by side</h1>
      </PageHead>
      <main className="px-6 py-4 max-sm:px-4">
        {error && <p className="text-fails-word">{error.message}</p>}
        {openA && openB && <Beside key={`${a} ${b}`} a={openA} b={openB} />}
      </main>
    </>
  );
}

/** As it is kept when the page is opened: what another page has of it may be older by now. */
const useStored = (id: string) =>
  useQuery({ queryKey: ['beside', id], queryFn: () => ask<StoredBuild>(`builds/${id}`), staleTime: Number.POSITIVE_INFINITY, gcTime: 0 });

interface Both {
  readonly a: OpenBuild;
  readonly b: OpenBuild;
}

const pair = 'grid grid-cols-2 gap-x-8 max-sm:grid-cols-1';

function Beside({ a, b }: Both) {
  // Who laid them beside each other goes on with the answer.
  const answer = useRef<HTMLParagraphElement>(null);
  useEffect(() => answer.current?.focus({ preventScroll: true }), []);
  const units = useUnits();
  const [one, other] = [useStore(a.derived), useStore(b.derived)];
  const compared = useMemo(() => compareBuilds(one, other, units), [one, other, units]);
  const { figures, checks, better, onlyIn, shape } = compared;
  const both = checks.filter(({ a: was, b: is }) => was && is);
  const names = [one.build.name, other.build.name] as const;
  return (
    <>
      <p ref={answer} tabIndex={-1} className="text-xl leading-snug outline-none" data-testid="better">
        {unbroken(better)}
      </p>
      <div className={`${pair} mt-3 gap-y-4`}>
        <Side open={a}>
          <Whole to={(id) => `/compare/${id}/${b.id}`} />
          <Drawings open={a} beside={b} />
        </Side>
        <Side open={b}>
          <Whole to={(id) => `/compare/${a.id}/${id}`} />
          <Drawings open={b} beside={a} />
        </Side>
      </div>
      {both.length > 0 && <h2 className="font-head mt-6 text-lg tracking-wide uppercase">Checks that differ</h2>}
      <ul>
        {both.map(({ id, a: was, b: is }) => (
          <li key={id} className={`${pair} border-b border-hair py-2 max-sm:gap-y-1`}>
            <CheckSaid check={was} of={names[0]} />
            <CheckSaid check={is} of={names[1]} />
          </li>
        ))}
      </ul>
      <OnlyIn names={names} onlyIn={onlyIn} checks={checks} />
      <h2 className="font-head mt-6 text-lg tracking-wide uppercase">Entered otherwise</h2>
      <Otherwise a={a} b={b} places={compared.places} />
      {compared.places.length === 0 && <p className="text-soft">Nothing of what both have.</p>}
      {shape.length > 0 && <p className="mt-2">{shape.join('. ')}.</p>}
      {figures.length > 0 && (
        <table className="mt-6 w-full max-w-3xl text-left">
          <caption className="font-head text-left text-lg tracking-wide uppercase">At each shaft</caption>
          <thead className="text-sm text-soft">
            <tr>
              <th scope="col">figure</th>
              <th scope="col">{names[0]}</th>
              <th scope="col">{names[1]}</th>
            </tr>
          </thead>
          <tbody>
            {figures.map(({ what, a: was, b: is }) => (
              <tr key={what} className="border-b border-hair">
                <th scope="row" className="py-1 font-normal">
                  {what}
                </th>
                <td>{was}</td>
                <td>{is}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

/** What the other has no counterpart to, told once: elements by their names, checks in their words. */
function OnlyIn({ names, onlyIn, checks }: { names: readonly [string, string] } & Pick<Compared, 'onlyIn' | 'checks'>) {
  const told = [
    { of: 'a', name: names[0], elements: onlyIn.a, says: checks.flatMap(({ a, b }) => (a && !b ? [a.says] : [])) },
    { of: 'b', name: names[1], elements: onlyIn.b, says: checks.flatMap(({ a, b }) => (b && !a ? [b.says] : [])) },
  ];
  return told
    .filter(({ elements, says }) => elements.length + says.length > 0)
    .map(({ of, name, elements, says }) => (
      <p key={of} className="mt-3">
        <span className="text-soft">Only in {name}:</span> {[...(elements.length > 0 ? [`${elements.join(', ')}.`] : []), ...says].join(' ')}
      </p>
    ));
}

function Side({ open, children }: { open: OpenBuild; children: ReactNode }) {
  return (
    <OpenBuildHere open={open}>
      <section>{children}</section>
    </OpenBuildHere>
  );
}

function Whole({ to }: { to: (id: string) => string }) {
  const { id, said } = useOpen();
  const verdict = useFollowed(true, ({ evaluation }) => evaluation.verdict);
  const says = useFollowed(true, ({ build, evaluation }) => said(headlineOf(build, evaluation)));
  const name = useDocument(({ build }) => build.name);
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-5 text-sm text-soft pointer-coarse:gap-y-2">
        <h2 className="font-head grow text-2xl text-ink">
          <Link to={`/builds/${id}`} className="hover:underline">
            {name}
          </Link>
        </h2>
        <Another name={name} to={to} />
        <SaveWord />
        <UndoKeys />
      </div>
      <MergeConflict />
      <p>
        <VerdictMark verdict={verdict} /> {unbroken(says)}
      </p>
    </>
  );
}

/** Each entry that is not alike, to be changed in either. One that was made alike stays while the page is open: it may be changed again. */
function Otherwise({ a, b, places }: Both & { places: readonly string[] }) {
  const [seen, setSeen] = useState<readonly string[]>(places);
  const fresh = places.filter((path) => !seen.includes(path));
  if (fresh.length > 0) setSeen([...seen, ...fresh]);
  return (
    <ul aria-label="entered otherwise">
      {seen.map((path) => (
        <li key={path} className={`${pair} border-b border-hair py-1.5`}>
          <p className="col-span-full text-sm font-semibold">{elementOf(a.document.getState().build, path)}</p>
          {[a, b].map((open, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the one side and the other
            <OpenBuildHere key={k} open={open}>
              <div>
                <OfSide name={open.document.getState().build.name} />
                <EntryAt path={path} />
              </div>
            </OpenBuildHere>
          ))}
        </li>
      ))}
    </ul>
  );
}

/** What the element of a field is called: `V-belt`. A field of none, such as a wish, needs no more than its label. */
function elementOf(build: Build, path: string): string {
  const [line, element] = path.split('/');
  return build.lines.some(({ id }) => id === line) ? (namesOfElements(lineOf(build, line)).get(`${line}/${element}`) ?? '') : '';
}

function EntryAt({ path }: { path: string }) {
  const place = useFollowed(true, ({ build }) => placeAt(build, path));
  return place ? <Entry path={path} field={place.field} input={place.input} /> : <p className="text-soft">no such field</p>;
}

const found = new WeakMap<object, Map<string, Place>>();

/** A place of a build; looked for once in a build, since every row looks. */
function placeAt(build: Build, path: string): Place | undefined {
  const places = found.get(build) ?? new Map(placesOf(build).map((place) => [place.path, place]));
  found.set(build, places);
  return places.get(path);
}

/** Whose it is, where the two sides are below each other. */
const OfSide = ({ name }: { name: string }) => <span className="text-sm text-soft sm:hidden">{name}: </span>;

function CheckSaid({ check, of }: { check: Compared['checks'][number]['a']; of: string }) {
  return (
    check && (
      <p>
        <OfSide name={of} />
        <VerdictMark verdict={check.verdict} /> {unbroken(check.says)}
      </p>
    )
  );
}
