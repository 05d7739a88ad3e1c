import { type Figure, flag, type Known } from '@hobrek/core';
import { lazy, Suspense } from 'react';
import { FigureText } from '../../build/figure-text.js';
import { useOpenBuild } from '../../build/store.js';
import { showRange } from '../../shared/in-my-units.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** Charts are heavy: they come when someone looks at one. */
const RunUpChart = lazy(async () => ({ default: (await import('./run-up-chart.js')).RunUpChart }));

/** In the order in which they follow from the plate, with what each is called. */
const follows = {
  torque: 'Rated torque',
  poles: 'Poles',
  'synchronous-speed': 'Synchronous speed',
  slip: 'Slip',
  efficiency: 'Efficiency',
  'power-factor': 'Power factor',
  current: 'Current',
  'voltage-at-start': 'Voltage while it starts',
  'torque-at-rest': 'Torque at rest',
  'most-torque': 'Most it can give',
  'breakaway-at-motor': 'Asked to break away, at the motor',
  'inertia-at-motor': 'Inertia, at the motor',
  'runs-up-in': 'Runs up in',
  'settles-at': 'Settles at',
  'stands-stalled': 'Stalled, lasts',
  'shaft-takes': 'Pull its bearing stands',
} as const;

/** What the motor really can do: does it start, how it runs up, where it settles, and what that rests on. */
export function MotorStop() {
  const line = useOpenBuild(({ open }) => open?.evaluation.lines[0]);
  if (!line) return null;
  const path = `${line.id}/source`;
  const figures = line.figures.get(path);
  const checks = line.checks.filter((check) => check.at === path);
  return (
    <div className="grid grow grid-cols-2 gap-x-10 border-t border-ink px-6 py-3 max-lg:grid-cols-1 max-sm:px-4">
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          Run-up <span className="font-text text-sm tracking-normal text-soft normal-case">N·m at the motor’s shaft, over its speed</span>
        </h2>
        {line.runUp ? (
          <Suspense fallback={<p className="text-soft">drawing …</p>}>
            <RunUpChart runUp={line.runUp} />
          </Suspense>
        ) : (
          <p className="mt-2 text-soft">Drawn once power, speed, frequency, the work’s torque and the ratio are known.</p>
        )}
        <ul className="mt-3">
          {checks.map((check) => (
            <li key={check.id} className="flex gap-2 border-b border-hair py-1.5">
              <VerdictMark verdict={check.verdict} /> <span>{check.says}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2 className="font-head text-lg tracking-wide uppercase">
          What follows{' '}
          <span className="font-text text-sm tracking-normal text-soft normal-case">from the plate, and from what motors like it usually do</span>
        </h2>
        <dl>
          {Object.entries(follows).map(([name, called]) => {
            const figure = figures?.get(name);
            return figure ? <Row key={name} path={`${path}/${name}`} called={called} figure={figure} /> : null;
          })}
        </dl>
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
