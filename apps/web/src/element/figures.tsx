import { figuresOfElement } from '@hobrek/core';
import { FigureText } from '../open-build/figure-text.js';
import { useDerived } from '../open-build/in-sight.js';

/** Key figures that are shown at once. */
const most = 5;

/** The figures of an element, as its kind declares them: the few that size it, the others by their groups on demand. */
export function ElementFigures({ path }: { path: string }) {
  // What is only waiting for an entry says so in the checks; what cannot be, says why here.
  const listed = useDerived(({ build, evaluation }) =>
    figuresOfElement(build, evaluation, path)
      .filter(({ aside, figure }) => !aside && (figure.known || figure.because))
      .map((each) => `${each.key ? 'key' : ''}|${each.group}|${each.path}|${each.label}`)
      .join('\n'),
  );
  if (!listed) return null;
  const all = listed.split('\n').map((row) => {
    const [key, group = '', figure = '', label = ''] = row.split('|');
    return { isKey: key === 'key', group, figure, label };
  });
  const first = all.filter(({ isKey }) => isKey).slice(0, most);
  const others = all.filter((each) => !first.includes(each));
  const groups = [...new Set(others.map(({ group }) => group))];
  return (
    <section aria-label="figures" className="mt-2">
      <Figures rows={first} size="text-xl" />
      {others.length > 0 && (
        <details className="mt-1">
          <summary className="cursor-pointer py-0.5 text-blue">{others.length === 1 ? 'one more figure' : `${others.length} more figures`}</summary>
          {groups.map((group) => (
            <section key={group} aria-label={group} className="mt-0.5 grid grid-cols-[6rem_1fr] items-baseline max-sm:grid-cols-1">
              <h3 className="text-sm text-soft">{group}</h3>
              <Figures rows={others.filter((row) => row.group === group)} size="text-base" />
            </section>
          ))}
        </details>
      )}
    </section>
  );
}

interface Row {
  readonly figure: string;
  readonly label: string;
}

function Figures({ rows, size }: { rows: readonly Row[]; size: string }) {
  return (
    <dl className="flex flex-wrap gap-x-6 gap-y-1 pointer-coarse:gap-y-2">
      {rows.map(({ figure, label }) => (
        <div key={figure} className="flex items-baseline gap-2">
          <dt className="text-sm text-soft">{label}</dt>
          <dd>
            <FigureText path={figure} name={label} size={size} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
