import { asText, type Check, explain, explainAsText, type Figure, figuresByPath, showFigure, usedBy } from '@hobrek/core';
import { type ReactNode, useState } from 'react';
import { copyText } from '../shared/copy-text.js';
import { showRange } from '../shared/in-my-units.js';
import { usePreferences, useUnits } from '../shared/preferences.js';
import { useDocument } from './here.js';
import { useFollowed } from './in-sight.js';
import { SetLine } from './set-line.js';

/** Where a figure comes from: the relation, the numbers put in, the source, and behind each number the same again. */
export function WhyOf({ path, name }: { path: string; name: string }) {
  const figure = useFollowed(true, ({ evaluation }) => figuresByPath(evaluation).get(path));
  return figure ? <WhyTrail figure={figure} name={name} /> : null;
}

type Step = { readonly name: string } & ({ readonly figure: Figure } | { readonly check: Check });

/** Walks down from a figure to what it is made of, up to what it goes into, and back. */
export function WhyTrail(first: Step) {
  const [trail, setTrail] = useState<readonly Step[]>([first]);
  const here = trail.at(-1) as Step;
  const walk = (step: Step) => setTrail([...trail, step]);
  return (
    <>
      <div className="flex items-baseline gap-2">
        <h2 className="font-head text-lg tracking-wide text-blue uppercase">Why</h2>
        <span className="text-sm text-soft">{here.name}</span>
        {trail.length > 1 && (
          <button type="button" className="ml-auto shrink-0 cursor-pointer text-sm text-blue underline" onClick={() => setTrail(trail.slice(0, -1))}>
            back
          </button>
        )}
      </div>
      {'check' in here ? <HeldAgainst check={here.check} walk={walk} /> : <Reason {...here} walk={walk} />}
    </>
  );
}

/** The two sides of a check, each to be walked into. */
function HeldAgainst({ check: { has, needs, source }, walk }: { check: Check; walk: (step: Step) => void }) {
  const sides = { limit: has, needed: needs };
  return (
    <>
      <ul className="mt-3 border-l-2 border-brass pl-3">
        {Object.entries(sides).map(([name, figure]) => (
          <Onward key={name} walk={() => walk({ name, figure })}>
            <b>{showFigure(figure, usePreferences.getState().units)}</b> <span className="text-sm text-soft">{name}</span>
          </Onward>
        ))}
      </ul>
      <p className="mt-3 text-sm text-soft">{source}.</p>
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
