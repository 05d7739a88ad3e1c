import {
  attentionOf,
  type Build,
  type Check,
  type EvaluatedLine,
  fieldLabel,
  fieldsThatDecide,
  headlineOfLine,
  isOpen,
  lineOf,
  nextSteps,
  phrase,
  reserveOf,
  type Sentence,
  type Verdict,
  type WayOut,
  wordingFor,
} from '@hobrek/core';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { CheckWhy } from '../../open-build/check-why.js';
import { useOpen, useSession } from '../../open-build/here.js';
import { evaluatedLine, useFollowed } from '../../open-build/in-sight.js';
import { checksHash } from '../../open-build/stop.js';
import { TryCure } from '../../open-build/try-cure.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { unbroken } from '../../shared/unbroken.js';
import { usePrinting } from '../../shared/use-printing.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { AllChecks } from './all-checks.js';
import { Limits } from './limits.js';
import { PowerPath } from './power-path.js';
import { useWaysOut } from './use-ways-out.js';

/** What a build is worth at a glance: what needs attention, what to do next, and how it keeps to what was wished. */
export function OverviewStop() {
  const shown = useSession(({ line }) => line);
  const build = useFollowed(true, (derived) => derived.build);
  const line = useFollowed(true, (derived) => evaluatedLine(derived, shown));
  const checks = useLocation().hash === checksHash;
  if (!line) return null;
  return (
    <>
      {/* On a phone the machine and its checks are two places. */}
      <div className={checks ? 'max-sm:hidden' : ''}>
        <LineRows />
        <div className="px-6 max-sm:px-4">
          <PowerPath />
        </div>
      </div>
      <Below build={build} line={line} isShown={checks} />
    </>
  );
}

/** Of several lines a row each: how bad, and its own sentence. */
function LineRows() {
  const { said, lineShown } = useOpen();
  const shown = useSession(({ line }) => line);
  const listed = useFollowed(true, ({ build, evaluation: { lines } }) =>
    lines.length < 2
      ? ''
      : lines.map((each) => [each.id, each.verdict, each.name, said(headlineOfLine(lineOf(build, each.id), each))].join('\t')).join('\n'),
  );
  const first = useFollowed(true, ({ build }) => lineOf(build, null).id);
  if (listed === '') return null;
  return (
    <ul aria-label="lines" className="px-6 max-sm:px-4">
      {listed.split('\n').map((row) => {
        const [id = '', verdict, name, ...says] = row.split('\t');
        const isShown = id === (shown ?? first);
        return (
          <li key={id} className="grid grid-cols-[1.75rem_9rem_minmax(0,1fr)] items-baseline gap-x-2 border-b border-hair py-0.5">
            <VerdictMark verdict={verdict as Verdict} />
            <button
              type="button"
              aria-current={isShown ? 'true' : undefined}
              className={`cursor-pointer truncate text-left font-semibold hover:underline ${isShown ? 'underline decoration-brass decoration-2 underline-offset-4' : ''}`}
              onClick={() => lineShown(id)}
            >
              {name}
            </button>
            <span className="text-soft">{unbroken(says.join('\t'))}</span>
          </li>
        );
      })}
    </ul>
  );
}

function Below({ build, line, isShown }: Shown & { isShown: boolean }) {
  return (
    <div className={`grid grow grid-cols-[minmax(0,7fr)_minmax(0,5fr)] border-t border-ink max-lg:grid-cols-1 ${isShown ? '' : 'max-sm:hidden'}`}>
      <NeedsAttention build={build} line={line} />
      <div className="grid content-start gap-y-4 border-hair bg-sheet px-6 py-3 max-lg:border-t max-sm:px-4 lg:border-l">
        {isOpen(lineOf(build, line.id).source) && <WhatItNeeds line={line} />}
        <NextStepOf build={build} line={line} />
        <Limits line={line} />
      </div>
    </div>
  );
}

interface Shown {
  readonly build: Build;
  readonly line: EvaluatedLine;
}

const heading = 'font-head text-lg tracking-wide uppercase';
const aside = 'font-text text-sm tracking-normal text-soft normal-case';

/** The name of a check within a sentence. */
function useInline(build: Build) {
  const wording = wordingFor(build, useUnits());
  return (name: Sentence) => phrase(name, wording);
}

/** Checks that are told one by one: with these the page is taken in at a glance. */
const mostTold = 4;

function NeedsAttention({ build, line }: Shown) {
  const { pick, headed } = useOpen();
  const [opened, setAll] = useState(false);
  const all = usePrinting() || opened;
  const inline = useInline(build);
  const { worst, more, holding, nearest } = attentionOf(lineOf(build, line.id), line, mostTold);
  const waysOut = useWaysOut(build, mostTold);
  return (
    <section className="px-6 py-3 max-sm:px-4">
      <h2 className={heading}>
        Needs attention <span className={aside}>{worst.length === 0 && 'nothing'}</span>
      </h2>
      <ul className="mt-1">
        {worst.map(({ check, name }) => (
          <li
            key={check.id}
            className="grid grid-cols-[1.75rem_minmax(0,1fr)_7rem] items-start gap-x-2 border-b border-hair py-1.5 pointer-coarse:py-2"
          >
            <span className="mt-1">
              <VerdictMark verdict={check.verdict} />
            </span>
            <div className="pointer-coarse:grid pointer-coarse:justify-items-start pointer-coarse:gap-y-2">
              <button type="button" className="mr-3 cursor-pointer text-left font-semibold hover:underline" onClick={() => pick(check.at)}>
                {headed(name)}
              </button>
              <Sides check={check} build={build} isCured={waysOut[check.id] !== undefined} />
              <Way way={waysOut[check.id]} build={build} />
            </div>
            <CheckWhy id={check.id} />
          </li>
        ))}
      </ul>
      <p className="mt-3">
        {holding > 0 && (
          <>
            <VerdictMark verdict="holds" /> {holding === 1 ? 'One check holds' : `${holding} hold`}
            {nearest && `; the nearest is ${inline(nearest.name)}, ${reserveOf(nearest.check)}`}.{' '}
          </>
        )}
        {more > 0 && 'More need attention. '}
        <button type="button" aria-expanded={all} className="cursor-pointer text-blue underline" onClick={() => setAll(!opened)}>
          {all ? 'Only what needs attention' : 'All checks'}
        </button>
      </p>
      {all && <AllChecks line={line} />}
    </section>
  );
}

/** In few words what holds against what loads it; of what is not known what to enter, as a link. */
function Sides({ check, build, isCured }: { check: Check; build: Build; isCured: boolean }) {
  const { id, said } = useOpen();
  const { has, needs, verdict } = check;
  const [first] = verdict === 'unknown' ? fieldsThatDecide(build, [check]) : [];
  if (first)
    return (
      <Link to={`/builds/${id}?at=${first}`} className="inline-flex items-center text-sm text-blue hover:underline pointer-coarse:min-h-11">
        {fieldLabel(build, first)}
      </Link>
    );
  // A yes or no has no sides that tell anything; its cure says what its words do.
  if (!has.known || !needs.known || has.unit === '1')
    return isCured ? null : <span className="line-clamp-1 text-sm text-soft">{unbroken(said(check.says))}</span>;
  return <span className="text-sm text-soft">{unbroken(`${show(has.value, has.unit)} against ${show(needs.value, needs.unit)}`)}</span>;
}

/** On a line of its own below the sides: what was tried and would do, or what to look at first. */
function Way({ way, build }: { way: WayOut | undefined; build: Build }) {
  const { id } = useOpen();
  if (!way) return null;
  return (
    <p className="apart text-sm">
      {'cure' in way ? (
        <TryCure cure={way.cure} look="text-blue hover:underline" />
      ) : (
        <Link to={`/builds/${id}?at=${way.look}`} className="text-blue hover:underline">
          Look first: {fieldLabel(build, way.look)}
        </Link>
      )}
    </p>
  );
}

/** While nothing drives it yet: what motor the work needs, and the way to where that is sized. */
function WhatItNeeds({ line }: { line: EvaluatedLine }) {
  const { id, allSaid } = useOpen();
  return (
    <section>
      <h2 className={heading}>What drives it</h2>
      <p className="mt-1">{unbroken(allSaid(line.says))}</p>
      <p>
        <Link to={`/start/${id}`} className="text-blue underline">
          Size the work, see which motor it needs
        </Link>
      </p>
    </section>
  );
}

function NextStepOf({ build, line }: Shown) {
  const { id } = useOpen();
  const inline = useInline(build);
  const [first, ...others] = nextSteps(build, lineOf(build, line.id), line);
  const to = (path: string) => `/builds/${id}?at=${path}`;
  return (
    <section>
      <h2 className={heading}>Next step</h2>
      {first ? (
        <div className="mt-1 border-l-2 border-brass pl-3">
          <h3 className="text-lg leading-snug font-semibold">
            <Link to={to(first.path)} className="hover:underline">
              {first.label}
            </Link>
          </h3>
          <p>
            {first.measure} It settles {settled(first.settles.map(inline))}.
          </p>
          {others.length > 0 && (
            <p className="mt-1 text-sm text-soft">
              then:{' '}
              {others.slice(0, 3).map(({ path, label }, k) => (
                <span key={path}>
                  {k > 0 && ' · '}
                  <Link to={to(path)} className="text-blue hover:underline">
                    {label.toLowerCase()}
                  </Link>
                </span>
              ))}
              {others.length > 3 && ` · ${others.length - 3} more`}
            </p>
          )}
        </div>
      ) : (
        <p className="mt-1 text-soft">Nothing is missing that a check waits for.</p>
      )}
    </section>
  );
}

/** What an entry would settle: the first, and how many more. */
function settled(names: readonly string[]): string {
  const [first = '', ...others] = names;
  return others.length === 0 ? first : `${first} and ${others.length} more`;
}
