import { useOpen } from '../open-build/here.js';
import { useEvaluated, useFollowed } from '../open-build/in-sight.js';
import { CheckRow } from './check-row.js';

/** The checks of an element, worst first, and what to beware of with it. */
export function ElementChecks({ path }: { path: string }) {
  // Rows change places when typing has paused: while it goes on each says at once what is so, in its place.
  const ids = useFollowed(false, ({ evaluation }) =>
    evaluation.lines
      .flatMap(({ ledger }) => ledger.filter(({ at }) => at === path))
      .map(({ id }) => id)
      .join('\n'),
  );
  const { said } = useOpen();
  const cautions = useEvaluated(({ cautionsAt }) => (cautionsAt.get(path) ?? []).map(said).join('\n'));
  return (
    <>
      <section aria-label="checks of it">
        <h2 className="font-head text-lg tracking-wide uppercase">Checks</h2>
        {ids === '' ? (
          <p className="text-soft">None yet: enter what is numbered.</p>
        ) : (
          <ul>
            {ids.split('\n').map((id) => (
              <CheckRow key={id} id={id} narrow />
            ))}
          </ul>
        )}
      </section>
      {cautions && (
        <ul aria-label="cautions" className="mt-3 border-l-2 border-brass pl-3 text-sm text-soft">
          {cautions.split('\n').map((caution) => (
            <li key={caution} className="mb-1">
              {caution}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
