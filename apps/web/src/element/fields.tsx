import {
  applies,
  type Element,
  elementsOf,
  fieldsThatDecide,
  fieldWords,
  type KindHead,
  kindHead,
  kindHeads,
  kindsFitting,
  lineOf,
  namesOfElements,
  type Place,
  type Role,
  type StockWheel,
} from '@hobrek/core';
import { memo } from 'react';
import { Entry } from '../open-build/entry.js';
import { useOpen } from '../open-build/here.js';
import { useDerivedList, useFollowed, useLine } from '../open-build/in-sight.js';
import { Select } from '../shared/select.js';

interface ElementShown {
  readonly of: Role;
  readonly path: string;
  /** Of three, how many columns its fields are laid out in. */
  readonly columns?: string;
}

/** All that is entered of an element, in the order in which it decides; what a check waits for is numbered while it is empty. */
export function ElementFields({ of, path, columns = 'grid-cols-3' }: ElementShown) {
  const element = useLine((line) => elementsOf(line).find((each) => each.path === path)?.element);
  const waiting = useWaiting(path);
  if (!element) return null;
  const groups = grouped(path, element, kindHead(of, element.kind));
  return <Groups groups={groups} columns={columns} waiting={waiting} />;
}

/** Fields of an element that a check waits for, in the order in which they decide. Followed when typing has paused: nothing is renumbered under a finger. */
function useWaiting(path: string): readonly string[] {
  const listed = useFollowed(false, ({ build, evaluation }) =>
    fieldsThatDecide(build, evaluation.checks)
      .filter((each) => each.startsWith(`${path}/`))
      .join(),
  );
  return listed === '' ? [] : listed.split(',');
}

interface Group {
  readonly title: string;
  readonly places: readonly (Place & { readonly stock?: StockWheel | undefined })[];
}

/** The fields in their groups; those of none first. A field that makes no sense with what is chosen is left out. */
function grouped(path: string, { inputs }: Element, head: KindHead | undefined): Group[] {
  const fields = head?.fields ?? {};
  const groups = head?.groups ?? {};
  const stock = Object.fromEntries(Object.values(head?.wheels ?? {}).map((wheel) => [wheel.field, wheel]));
  const take = (names: readonly string[]) =>
    names.flatMap((name): Group['places'][number][] => {
      const field = fields[name];
      return field && applies(field, inputs) ? [{ path: `${path}/${name}`, field, input: inputs[name], stock: stock[name] }] : [];
    });
  const named = new Set(Object.values(groups).flat());
  const first = Object.keys(fields).filter((name) => !named.has(name));
  return [{ title: '', places: take(first) }, ...Object.entries(groups).map(([title, names]) => ({ title, places: take(names) }))];
}

function Groups({ groups, columns, waiting }: { groups: readonly Group[]; columns: string; waiting: readonly string[] }) {
  return groups.map(({ title, places }) => {
    const fields = (
      <div className={`grid ${columns} gap-x-5 gap-y-1 pointer-coarse:gap-y-2 max-sm:grid-cols-1`}>
        {places.map((place) => (
          <Entry key={place.path} {...place} turn={waiting.indexOf(place.path) + 1 || undefined} />
        ))}
      </div>
    );
    if (title === '') return <div key={title}>{fields}</div>;
    const entered = places.map(({ input, field }) => fieldWords(field, input)).filter(Boolean);
    return (
      <details key={title} className="mt-1">
        <summary className="cursor-pointer py-0.5">
          {title} <span className="text-sm text-soft">{entered.length > 0 ? entered.join(' · ') : 'nothing entered'}</span>
          {places.some((place) => waiting.includes(place.path)) && <span className="text-sm text-close-word"> · a check waits for it</span>}
        </summary>
        {fields}
      </details>
    );
  });
}

/** The element's kind, to be changed where more than one fits between its neighbours. */
export const KindOf = memo(function KindOf({ of, path, kind, label }: { of: Role; path: string; kind: string; label: string }) {
  const { kindChosen } = useOpen();
  const heads = useDerivedList(({ build }) => kindsFitting(lineOf(build, path.split('/')[0]), path, of)) ?? kindHeads(of);
  // The kind of a stage is its heading.
  const look = of === 'stage' ? 'font-head text-lg tracking-wide uppercase' : 'font-text text-sm tracking-normal text-soft normal-case';
  if (heads.length < 2) return <span className={look}>{label}</span>;
  return (
    <Select
      data-kind
      aria-label={`kind of ${of}`}
      value={kind}
      options={heads.map((head) => [head.kind, head.label])}
      change={(chosen) => kindChosen(path, chosen)}
      className={`${look} border-b border-hair bg-transparent focus-visible:bg-wash pointer-coarse:mb-2`}
    />
  );
});

/** What an element is called: `supply`; of stages, whose kind says it already, which of several it is. */
export function Heading({ of, path }: { of: Role; path: string }) {
  const name = useLine((line) => namesOfElements(line).get(path));
  return of === 'stage' ? / \d+$/.exec(name ?? '')?.[0] : name;
}
