import {
  applies,
  type Element,
  elementsOf,
  figuresOfElement,
  isOpen,
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
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { Entry } from '../../open-build/entry.js';
import { FigureText } from '../../open-build/figure-text.js';
import { useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useDerived, useDerivedList, useLine, WhenInSight } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
import { Rivets } from '../../shared/rivets.js';
import { Select } from '../../shared/select.js';
import { InOrder, useGrip } from './in-order.js';
import { AddLine } from './lines.js';
import { WhatCouldGoHere } from './what-could-go-here.js';

/** Where the elements of the machine are entered, in the order of the power path; the supply, which is seldom touched, comes last. */
export function Bench() {
  // Which elements there are, as one text: a key in one of them draws none of this again.
  const order = useLine((line) =>
    elementsOf(line)
      .map(({ role, path }) => `${role} ${path}`)
      .join(),
  );
  const [feed, ...others] = order.split(',').map((each) => each.split(' ') as [role: Role, path: string]);
  return (
    <section className="border-hair bg-sheet px-6 py-3 max-lg:border-t max-sm:px-4 lg:border-l">
      <InOrder paths={others.flatMap(([role, path]) => (role === 'stage' ? [path] : []))}>
        {[...others, feed as (typeof others)[number]].map(([role, path]) => (
          <WhenInSight key={path}>
            <ElementBench role={role} path={path} />
          </WhenInSight>
        ))}
      </InOrder>
      <p className="mt-2 text-sm text-soft">
        <AddLine />: another source with work of its own, in the same build
      </p>
    </section>
  );
}

/** The browser lays out of them what can be seen, and takes the others to be about so high. */
const unseen = {
  stage: '[contain-intrinsic-size:auto_34rem] [content-visibility:auto]',
  other: '[contain-intrinsic-size:auto_14rem] [content-visibility:auto]',
};

/** Drawn again only when the element itself is touched or picked; its figures follow by themselves. */
const ElementBench = memo(function ElementBench({ role, path }: { role: Role; path: string }) {
  const { pick } = useOpen();
  const element = useLine((line) => elementsOf(line).find((each) => each.path === path)?.element);
  const picked = useSession((session) => session.picked === path);
  if (!element) return null;
  const head = kindHead(role, element.kind);
  const groups = grouped(path, element, head);
  if (role === 'source') return <Plate path={path} picked={picked} kind={element.kind} label={head?.label ?? element.kind} groups={groups} />;
  if (role === 'stage') return <StageBench path={path} picked={picked} kind={element.kind} label={head?.label ?? element.kind} groups={groups} />;
  return (
    <fieldset
      data-element={path}
      onFocus={() => pick(path)}
      className={`${unseen.other} mt-3 -ml-6 min-w-0 border-l-4 pl-5 max-sm:-ml-4 max-sm:pl-3 ${picked ? 'border-brass' : 'border-transparent'}`}
    >
      <legend className="flex w-full flex-wrap items-baseline gap-x-2 font-head text-lg tracking-wide uppercase">
        <Heading of={role} path={path} /> <KindOf of={role} path={path} kind={element.kind} label={head?.label ?? element.kind} />
      </legend>
      <Groups groups={groups} columns="grid-cols-3" />
      <Tools on="sheet" of={role} path={path} />
    </fieldset>
  );
});

interface ElementShown {
  readonly path: string;
  readonly picked: boolean;
  readonly kind: string;
  readonly label: string;
  readonly groups: readonly Group[];
}

/** A stage can be taken by its grip to another place of the line. */
function StageBench({ path, picked, kind, label, groups }: ElementShown) {
  const { pick } = useOpen();
  const { grip, ...dragged } = useGrip(path, label);
  return (
    <fieldset
      {...dragged}
      data-element={path}
      onFocus={() => pick(path)}
      className={`${unseen.stage} mt-3 -ml-6 min-w-0 border-l-4 bg-sheet pl-5 max-sm:-ml-4 max-sm:pl-3 ${picked ? 'border-brass' : 'border-transparent'}`}
    >
      <legend className="flex w-full flex-wrap items-baseline gap-x-2 font-head text-lg tracking-wide uppercase">
        {grip}
        <KindOf of="stage" path={path} kind={kind} label={label} /> <Heading of="stage" path={path} />
        <StageActs path={path} label={label} />
      </legend>
      <Groups groups={groups} columns="grid-cols-3" />
      {kindHead('stage', kind)?.fuse && <FirstToFail path={path} />}
      <Tools on="sheet" of="stage" path={path} />
      <Follows path={path} />
    </fieldset>
  );
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

function Groups({ groups, columns }: { groups: readonly Group[]; columns: string }) {
  return groups.map(({ title, places }) => {
    const fields = (
      <div className={`grid ${columns} gap-x-5 gap-y-1 max-sm:grid-cols-1`}>
        {places.map((place) => (
          <Entry key={place.path} {...place} />
        ))}
      </div>
    );
    if (title === '') return <div key={title}>{fields}</div>;
    const entered = places
      .filter(({ input }) => input?.text)
      .map(({ input, field }) => (field.is === 'choice' ? field.options[input?.text ?? ''] : input?.text));
    return (
      <details key={title} className="mt-1">
        <summary className="cursor-pointer py-0.5">
          {title} <span className="text-sm text-soft">{entered.length > 0 ? entered.join(' · ') : 'nothing entered'}</span>
        </summary>
        {fields}
      </details>
    );
  });
}

/** What is stamped on the motor is entered as it is stamped: on a plate. */
function Plate({ path, picked, kind, label, groups }: ElementShown) {
  const { pick } = useOpen();
  return (
    <fieldset
      data-element={path}
      onFocus={() => pick(path)}
      className={`relative min-w-0 border bg-plate ${picked ? 'border-brass outline outline-brass' : 'border-ink'} px-8 pt-1 pb-2`}
    >
      <legend className="sr-only">{label}</legend>
      <Rivets />
      <div className="flex items-baseline justify-between text-sm">
        <KindOf of="source" path={path} kind={kind} label={label} />
        <WhatCouldGoHere line={path.split('/')[0] ?? ''} at={0} after={label} />
      </div>
      {isOpen({ kind }) && <StillOpen path={path} />}
      <Groups groups={groups} columns="grid-cols-2" />
      <Tools on="sheet" of="source" path={path} />
    </fieldset>
  );
}

/** Nothing drives it yet: a motor is picked, or the work sized first. */
function StillOpen({ path }: { path: string }) {
  const { id, kindChosen } = useOpen();
  return (
    <p className="flex flex-wrap items-baseline gap-x-5 py-1">
      <button type="button" className="cursor-pointer font-semibold text-blue hover:underline" onClick={() => kindChosen(path, 'plate-motor')}>
        Pick a motor
      </button>
      <Link to={`/start/${id}`} className="text-blue hover:underline">
        Size the work, see which motor it needs
      </Link>
    </p>
  );
}

/** The element's kind, to be changed where more than one fits between its neighbours. */
const KindOf = memo(function KindOf({ of, path, kind, label }: { of: Role; path: string; kind: string; label: string }) {
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
      className={`${look} border-b border-hair bg-transparent focus-visible:bg-wash`}
    />
  );
});

/** Sized on purpose: a fifth under the weakest of what breaks. */
function FirstToFail({ path }: { path: string }) {
  const { sizedAsFirst } = useOpen();
  const [because, setBecause] = useState('');
  return (
    <p className="mt-1">
      <button type="button" className="cursor-pointer text-blue hover:underline" onClick={() => setBecause(sizedAsFirst(path))}>
        make this the first to fail, 20 % under the weakest of what breaks
      </button>{' '}
      <span role="status" className="text-sm text-soft">
        {because}
      </span>
    </p>
  );
}

/** What can be done with a stage as a whole; all of it can be undone. */
function StageActs({ path, label }: { path: string; label: string }) {
  const [line = '', id] = path.split('/');
  const { stageMoved, stageDoubled, stageRemoved } = useOpen();
  const at = useDocument(({ build }) => build.lines.find((each) => each.id === line)?.stages.findIndex((stage) => stage.id === id)) ?? 0;
  const many = useDocument(({ build }) => build.lines.find((each) => each.id === line)?.stages.length) ?? 1;
  const acts: [says: string, can: boolean, act: () => void][] = [
    ['earlier', at > 0, () => stageMoved(path, -1)],
    ['later', at < many - 1, () => stageMoved(path, 1)],
    ['double', true, () => stageDoubled(path)],
    ['take out', true, () => stageRemoved(path)],
  ];
  return (
    <span className="ml-auto flex gap-3 font-text text-sm tracking-normal normal-case">
      {acts.map(([says, can, act]) =>
        can ? (
          <button key={says} type="button" className="cursor-pointer text-blue hover:underline" onClick={act}>
            {says}
          </button>
        ) : null,
      )}
      <WhatCouldGoHere line={line} at={at + 1} after={label} />
    </span>
  );
}

/** What an element is called: `supply`; of stages, whose kind says it already, which of several it is. */
function Heading({ of, path }: { of: Role; path: string }) {
  const name = useLine((line) => namesOfElements(line).get(path));
  return of === 'stage' ? / \d+$/.exec(name ?? '')?.[0] : name;
}

/** The figures of an element, as its kind declares them: those that size it first and larger, the others by their groups. */
function Follows({ path }: { path: string }) {
  // What is only waiting for an entry says so in the ledger; what cannot be, says why here.
  const listed = useDerived(({ build, evaluation }) =>
    figuresOfElement(build, evaluation, path)
      .filter(({ aside, figure }) => !aside && (figure.known || figure.because))
      .map((each) => `${each.key ? '' : each.group}|${each.path}|${each.label}`)
      .join('\n'),
  );
  if (!listed) return null;
  const rows = listed.split('\n').map((row) => row.split('|') as [group: string, path: string, label: string]);
  const groups = [...new Set(rows.map(([group]) => group))].filter(Boolean);
  return (
    <div className="mt-2">
      <Figures rows={rows.filter(([group]) => group === '')} size="text-xl" />
      {groups.map((group) => (
        <section key={group} aria-label={group} className="mt-0.5 grid grid-cols-[6rem_1fr] items-baseline max-sm:grid-cols-1">
          <h3 className="text-sm text-soft">{group}</h3>
          <Figures rows={rows.filter((row) => row[0] === group)} size="text-base" />
        </section>
      ))}
    </div>
  );
}

function Figures({ rows, size }: { rows: readonly (readonly [group: string, path: string, label: string])[]; size: string }) {
  return (
    <dl className="flex flex-wrap gap-x-6 gap-y-1">
      {rows.map(([, path, label]) => (
        <div key={path} className="flex items-baseline gap-2">
          <dt className="text-sm text-soft">{label}</dt>
          <dd>
            <FigureText path={path} name={label} size={size} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
