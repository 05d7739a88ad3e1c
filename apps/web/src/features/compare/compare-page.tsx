import type { StoredBuild } from '@hobrek/contracts';
import { type Build, type Compared, compareBuilds, loadKinds, type UnitHabit } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { useUnits } from '../../shared/preferences.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

interface Laid {
  readonly a: StoredBuild;
  readonly b: StoredBuild;
  readonly compared: Compared;
}

/** Both builds as they are kept, and everything that is otherwise in the one than in the other. */
async function lay(a: string, b: string, units: UnitHabit): Promise<Laid> {
  const [one, other, kinds] = await Promise.all([ask<StoredBuild>(`builds/${a}`), ask<StoredBuild>(`builds/${b}`), loadKinds()]);
  return { a: one, b: other, compared: compareBuilds(one.build, other.build, kinds, units) };
}

/** Two builds side by side. */
export function ComparePage() {
  const { a = '', b = '' } = useParams();
  const units = useUnits();
  const laid = useQuery({ queryKey: ['compare', a, b, units], queryFn: () => lay(a, b, units), staleTime: 0, gcTime: 0 });
  return (
    <>
      <title>Side by side · Hobrek</title>
      <PageHead>
        <h1 className="font-head text-xl">Side by side</h1>
      </PageHead>
      <main className="px-6 py-4 max-sm:px-4">
        {laid.error && <p className="text-fails-word">{laid.error.message}</p>}
        {laid.data && <Sheets {...laid.data} />}
      </main>
    </>
  );
}

function Sheets({ a, b, compared }: Laid) {
  const { says, verdicts, entered, figures, checks } = compared;
  return (
    <>
      <div className="grid grid-cols-2 gap-8 max-sm:grid-cols-1">
        <Whole id={a.id} build={a.build} verdict={verdicts.a} says={says.a} />
        <Whole id={b.id} build={b.build} verdict={verdicts.b} says={says.b} />
      </div>
      <h2 className="font-head mt-6 text-lg tracking-wide uppercase">Entered otherwise</h2>
      {entered.length === 0 ? (
        <p className="text-soft">Nothing: both are the same but for their names.</p>
      ) : (
        <ul>
          {entered.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {figures.length > 0 && (
        <table className="mt-6 w-full max-w-3xl text-left">
          <caption className="font-head text-left text-lg tracking-wide uppercase">At each shaft</caption>
          <thead className="text-sm text-soft">
            <tr>
              <th scope="col">figure</th>
              <th scope="col">{a.build.name}</th>
              <th scope="col">{b.build.name}</th>
            </tr>
          </thead>
          <tbody>
            {figures.map(({ what, a: was, b: is }) => (
              <tr key={what} className="border-b border-hair">
                <th scope="row" className="py-1 font-normal">
                  {what}
                </th>
                <td>{was || 'no such shaft'}</td>
                <td>{is || 'no such shaft'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {checks.length > 0 && <h2 className="font-head mt-6 text-lg tracking-wide uppercase">Checks that change</h2>}
      <ul>
        {checks.map(({ id, a: was, b: is }) => (
          <li key={id} className="grid grid-cols-2 gap-8 border-b border-hair py-2 max-sm:grid-cols-1 max-sm:gap-1">
            <Side check={was} />
            <Side check={is} />
          </li>
        ))}
      </ul>
    </>
  );
}

function Whole({ id, build, verdict, says }: { id: string; build: Build; verdict: Compared['verdicts']['a']; says: string }) {
  return (
    <section>
      <h2 className="font-head text-2xl">
        <Link to={`/builds/${id}`} className="hover:underline">
          {build.name}
        </Link>
      </h2>
      <p>
        <VerdictMark verdict={verdict} /> {unbroken(says)}
      </p>
    </section>
  );
}

function Side({ check }: { check: Compared['checks'][number]['a'] }) {
  if (!check) return <p className="text-soft">no such check</p>;
  return (
    <p>
      <VerdictMark verdict={check.verdict} /> {unbroken(check.says)}
    </p>
  );
}
