import { asText, type Check, explain, explainAsText, type Figure, figuresByPath, usedBy, whyCheck } from '@hobrek/core';
import { type ReactNode, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { copyText } from '../shared/copy-text.js';
import { showRange } from '../shared/in-my-units.js';
import { useUnits } from '../shared/preferences.js';
import { unbroken } from '../shared/unbroken.js';
import { useDocument, useOpen } from './here.js';
import { useFollowed } from './in-sight.js';
import { SetLine } from './set-line.js';

/** Where a figure comes from: the relation, the numbers put in, the source, and behind each number the same again. */
export function WhyOf({ path, name }: { path: string; name: string }) {
  const figure = useFollowed(true, ({ evaluation }) => figuresByPath(evaluation).get(path));
  return figure ? <WhyTrail figure={figure} name={name} /> : null;
}

type Step = { readonly name: string } & ({ readonly figure: Figure } | { readonly check: Check });

/** Walks down from a figure or a check to what it is made of, up to what it goes into, and back: all in place, with the focus on where one has come to. */
export function WhyTrail(first: Step) {
  const [behind, setBehind] = useState<readonly Step[]>([]);
  const here = behind.at(-1) ?? first;
  const heading = useRef<HTMLHeadingElement>(null);
  const go = (steps: readonly Step[]) => {
    flushSync(() => setBehind(steps));
    // What was pressed is no longer there.
    heading.current?.focus();
    heading.current?.scrollIntoView({ block: 'nearest' });
  };
  const walk = (step: Step) => go([...behind, step]);
  return (
    <>
      <div className="flex items-baseline gap-2">
        <h2 ref={heading} tabIndex={-1} className="outline-none">
          <span className="font-head text-lg tracking-wide text-blue uppercase">Why</span> <span className="text-sm text-soft">{here.name}</span>
        </h2>
        {behind.length > 0 && (
          <button type="button" className="ml-auto shrink-0 cursor-pointer text-sm text-blue underline" onClick={() => go(behind.slice(0, -1))}>
            back
          </button>
        )}
      </div>
      {'check' in here ? <HeldAgainst check={here.check} walk={walk} /> : <Reason {...here} walk={walk} />}
    </>
  );
}

/** The two sides of a check with their ends, each to be walked into; what would turn it, and the rows of tables under it. */
function HeldAgainst({ check, walk }: { check: Check; walk: (step: Step) => void }) {
  const { said } = useOpen();
  const units = useUnits();
  const { sides, turns, rows } = whyCheck(check, units);
  const text = () =>
    [said(check.says), `limit: ${sides.limit}`, `needed: ${sides.needed}`, turns, ...rows, `${check.source}.`].filter(Boolean).join('\n');
  return (
    <>
      <p className="mt-1">{unbroken(said(check.says))}</p>
      {check.has.unit !== '1' && (
        <ul className="mt-3 border-l-2 border-brass pl-3">
          <Onward walk={() => walk({ name: 'limit', figure: check.has })}>
            <b>{unbroken(sides.limit)}</b> <span className="text-sm text-soft">limit</span>
          </Onward>
          <Onward walk={() => walk({ name: 'needed', figure: check.needs })}>
            <b>{unbroken(sides.needed)}</b> <span className="text-sm text-soft">needed</span>
          </Onward>
        </ul>
      )}
      {turns && <p className="mt-3">{unbroken(turns)}</p>}
      {rows.map((row) => (
        <p key={row} className="mt-2 text-sm text-soft">
          {row}
        </p>
      ))}
      <p className="mt-3 text-sm text-soft">{check.source}.</p>
      <CopyText text={text} />
    </>
  );
}

function Onward({ walk, children }: { walk: () => void; children: ReactNode }) {
  return (
    <li>
      <button type="button" className="cursor-pointer text-left hover:underline" onClick={walk}>
        {children}
      </button>
    </li>
  );
}

function Reason({ figure, name, walk }: { figure: Figure; name: string; walk: (step: Step) => void }) {
  const build = useDocument((document) => document.build);
  const evaluation = useFollowed(true, (derived) => derived.evaluation);
  const units = useUnits();
  const { relation, parts, says, caution } = explain(build, figure, units);
  const uses = usedBy(build, evaluation, figure, units);
  return (
    <>
      {relation && (
        <>
          <p className="mt-2 text-xl font-semibold text-blue">
            <SetLine line={relation.symbols} />
          </p>
          <p className="mt-1">
            = <SetLine line={relation.numbers} />
          </p>
        </>
      )}
      {figure.known && figure.low !== undefined && figure.high !== undefined && (
        <p className={relation ? 'mt-1' : 'mt-2'}>
          from <b>{showRange(figure.low, figure.high, figure.unit)}</b>
        </p>
      )}
      {parts.length > 0 && (
        <ul className="mt-3 border-l-2 border-brass pl-3">
          {parts.map((part) => (
            <Onward key={asText(part.symbol)} walk={() => walk({ figure: part.figure, name: part.means || asText(part.symbol) })}>
              <b>
                <SetLine line={part.symbol} />
              </b>{' '}
              {part.shows} <span className="text-sm text-soft">{part.means}</span>
            </Onward>
          ))}
        </ul>
      )}
      {says.map((sentence) => (
        <p key={sentence} className={relation ? 'mt-3 text-sm text-soft' : 'mt-2'}>
          {sentence}
        </p>
      ))}
      {caution && <p className="mt-1 text-sm text-close-word">{caution}</p>}
      {uses.length > 0 && (
        <>
          <h3 className="mt-3 text-sm text-soft">It goes into</h3>
          <ul className="border-l-2 border-hair pl-3 text-sm">
            {uses.map((use) => (
              <Onward key={use.path} walk={() => walk({ ...use, name: use.called })}>
                {use.called}
              </Onward>
            ))}
          </ul>
        </>
      )}
      <CopyText text={() => explainAsText(build, figure, name, units)} />
    </>
  );
}

function CopyText({ text }: { text: () => string }) {
  const [said, setSaid] = useState('copy as text');
  const copy = () => {
    void copyText(text()).then((done) => setSaid(done ? 'copied' : 'the browser does not allow it'));
  };
  return (
    <button type="button" className="mt-2 cursor-pointer text-sm text-blue underline" onClick={copy}>
      {said}
    </button>
  );
}
