import { lazy, Suspense, useLayoutEffect } from 'react';
import { focusOnce } from '../../shared/focus-once.js';
import { rowLink } from './build-row.js';
import { OneRow, type RowsShown, usual_px } from './one-row.js';

/** A longer list is drawn where it is in sight only: what that needs is fetched for it, with its first rows in sight. */
const mostAtOnce = 25;
const firstRows = 8;
const LongRows = lazy(async () => ({ default: (await import('./long-rows.js')).LongRows }));

/** The rows of a list: all of them where they are few. */
export function Rows(rows: RowsShown) {
  return rows.many > mostAtOnce ? (
    <Suspense
      fallback={
        <div style={{ height: rows.many * usual_px }}>
          <FewRows {...rows} many={firstRows} goal={null} />
        </div>
      }
    >
      <LongRows {...rows} />
    </Suspense>
  ) : (
    <FewRows {...rows} />
  );
}

function FewRows({ many, at, acts, beside, leaving, goal, shows }: RowsShown) {
  useLayoutEffect(() => shows(0, many - 1), [shows, many]);
  useLayoutEffect(() => {
    if (goal) focusOnce(() => document.getElementById(rowLink(goal.id)));
  }, [goal]);
  return (
    <ul>
      {Array.from({ length: many }, (_, index) => {
        const listed = at(index);
        return (
          <li key={listed?.id ?? index} hidden={listed?.id === leaving && leaving !== undefined}>
            <OneRow listed={listed} acts={acts} beside={beside} />
          </li>
        );
      })}
    </ul>
  );
}
