import { chartRunUp, type EvaluatedLine, type Figure, figuresOfElement, flag, type Known, kindHead, type RunUp } from '@hobrek/core';
import { lazy, Suspense } from 'react';
import { FigureText } from '../../open-build/figure-text.js';
import { said } from '../../open-build/said.js';
import { shownEvaluated, shownLine } from '../../open-build/shown-line.js';
import { type OpenBuild, useOpenBuild } from '../../open-build/store.js';
import { showRange } from '../../shared/in-my-units.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** Charts are heavy: they come when someone looks at one. */
const RunUpChart = lazy(async () => ({ default: (await import('./run-up-chart.js')).RunUpChart }));

/** What the source really can do: does it start, how it runs up, where it settles, and what that rests on. */
export function MotorStop() {
  const line = useOpenBuild(({ open }) => open && shownEvaluated(open));
  const open = useOpenBuild((store) => store.open);
  const noun = useOpenBuild(({ open }) => open && kindHead('source', shownLine(open).source.kind)?.noun) ?? 'source';
  if (!line || !open) return null;
  const runUp = runUpOf(open, line);
  const path = `${line.id}/source`;
  const figures = figuresOfElement(open.build, open.evaluation, path);
  const groups = [...new Set(figures.map(({ group }) => group))];
  const checks = line.checks.filter((check) => check.at === path);
  return (
    <div className="grid grow grid-cols-2 gap-x-10 border-t border-ink px-6 py-3 max-lg:grid-cols-1 max-sm:px-4">
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Run-up <span className="font-text text-sm tracking-normal text-soft normal-case">torque at the {noun}’s shaft, over its speed</span>
        </h2>
        {runUp ? (
          <Suspense fallback={<p className="text-soft">drawing …</p>}>
            <RunUpChart runUp={runUp} noun={noun} />
          </Suspense>
        ) : (
          <p className="mt-2 text-soft">Drawn once power, speed, frequency, the work’s torque and the ratio are known.</p>
        )}
        <ul className="mt-3">
          {checks.map((check) => (
            <li key={check.id} className="flex gap-2 border-b border-hair py-1.5">
              <VerdictMark verdict={check.verdict} byEstimate={check.byEstimate === true} /> <span>{said(check.says)}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          What follows{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">from what is entered, and from what is usual for its kind</span>
        </h2>
        {groups.map((group) => (
          <section key={group} aria-label={group}>
            <h3 className="mt-2 text-sm text-soft">{group}</h3>
            <dl>
              {figures
                .filter((each) => each.group === group)
                .map((each) => (
                  <Row key={each.path} path={each.path} called={each.label} figure={each.figure} />
                ))}
            </dl>
          </section>
        ))}
      </section>
    </div>
  );
}

/** Charted once for what was worked out of a line. */
const charted = new WeakMap<EvaluatedLine, { readonly runUp: RunUp | null }>();

function runUpOf({ build, kinds }: OpenBuild, line: EvaluatedLine): RunUp | null {
  const known = charted.get(line) ?? { runUp: chartRunUp(build, kinds, line.id) };
  charted.set(line, known);
  return known.runUp;
}

function Row({ path, called, figure }: { path: string; called: string; figure: Figure }) {
  return (
    <div className="grid grid-cols-[13rem_1fr_auto] items-baseline gap-3 border-b border-hair py-1.5 max-sm:grid-cols-[1fr_auto]">
      <dt className="max-sm:text-sm">{called}</dt>
      <dd>
        <FigureText path={path} name={called.toLowerCase()} />
      </dd>
      <dd className="text-sm text-soft max-sm:col-span-2">{figure.known ? basis(figure) : ''}</dd>
    </div>
  );
}

/** Whether it is sure, and if not how wide. */
function basis({ low, high, unit, flags }: Known): string {
  const range = low === undefined || high === undefined ? '' : showRange(low, high, unit);
  if (flags & flag.estimated) return [range, 'estimated'].filter(Boolean).join(', ');
  return range || 'certain';
}
