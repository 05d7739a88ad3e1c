import { useOpen } from '../open-build/here.js';
import { useEvaluated, useFollowed } from '../open-build/in-sight.js';
import { Cautions } from './cautions.js';
import { CheckRow } from './check-row.js';

/** The checks of what is entered at a stop, worst first, and what to beware of with it. */
export function ElementChecks({ paths }: { paths: readonly string[] }) {
  // Rows change places when typing has paused: while it goes on each says at once what is so, in its place.
  const ids = useFollowed(false, ({ evaluation }) =>
    evaluation.lines
      .flatMap(({ ledger }) => ledger.filter(({ at }) => paths.includes(at)))
      .map(({ id }) => id)
      .join('\n'),
  );
  const { said } = useOpen();
  const cautions = useEvaluated(({ cautionsAt }) =>
    paths
      .flatMap((path) => cautionsAt.get(path) ?? [])
      .map(said)
      .join('\n'),
  );
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
      <Cautions lines={cautions ?? ''} />
    </>
  );
}
