import { type Figure, figuresOfElement, flag, type Known } from '@hobrek/core';
import { FigureText } from '../../open-build/figure-text.js';
import { useOpen } from '../../open-build/here.js';
import { useDerived, useEvaluated } from '../../open-build/in-sight.js';
import { Tools } from '../../open-build/tools.js';
import { showRange } from '../../shared/in-my-units.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** What the source really can do: does it start, how it runs up, where it settles, and what that rests on. */
export function MotorStop() {
  const { said } = useOpen();
  const line = useEvaluated((shown) => shown);
  const build = useDerived((derived) => derived.build);
  const evaluation = useDerived((derived) => derived.evaluation);
  if (!line) return null;
  const path = `${line.id}/source`;
  const figures = figuresOfElement(build, evaluation, path);
  const groups = [...new Set(figures.map(({ group }) => group))];
  const checks = line.checks.filter((check) => check.at === path);
  return (
    <div className="grid grow grid-cols-2 gap-x-10 border-t border-ink px-6 py-3 max-lg:grid-cols-1 max-sm:px-4">
      <section>
        <Tools on="source" of="source" path={path} />
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
