import { type Check, type EvaluatedLine, portKinds } from '@hobrek/core';
import { Cautions } from '../../element/cautions.js';
import { CheckRow } from '../../element/check-row.js';
import { FigureText } from '../../open-build/figure-text.js';
import { useOpen } from '../../open-build/here.js';
import { useDerived } from '../../open-build/in-sight.js';
import { WithTerms } from '../../open-build/with-terms.js';
import { unbroken } from '../../shared/unbroken.js';

/** Groups in the order in which they are read. */
const groups: readonly (readonly [called: string, is: (check: Check) => boolean])[] = [
  ['fails', ({ verdict }) => verdict === 'fails'],
  ['not known', ({ verdict }) => verdict === 'unknown'],
  ['close', ({ verdict }) => verdict === 'close'],
  ['holds by estimate', ({ verdict, byEstimate }) => verdict === 'holds' && byEstimate === true],
  ['holds', ({ verdict, byEstimate }) => verdict === 'holds' && !byEstimate],
];

/** Every check of a line in groups by its verdict, each leading to its part; then all that is said of the whole, and what to beware of. */
export function AllChecks({ line }: { line: EvaluatedLine }) {
  const { said, allSaid } = useOpen();
  const cautions = useDerived(({ evaluation }) => evaluation.cautions.map(said).join('\n'));
  const guesses = useDerived((derived) => derived.guesses);
  const notWorkedOut = useDerived(({ evaluation }) => allSaid(evaluation.notWorkedOut));
  return (
    <div id="all-checks">
      {groups.map(([called, is]) => {
        const own = line.ledger.filter(is);
        if (own.length === 0) return null;
        return (
          <section key={called} aria-label={called} className="mt-3">
            <h3 className="font-head tracking-wide text-blue uppercase">
              {called} <span className="font-text text-sm tracking-normal text-soft normal-case">{own.length}</span>
            </h3>
            <ul>
              {own.map(({ id }) => (
                <CheckRow key={id} id={id} leads />
              ))}
            </ul>
          </section>
        );
      })}
      <section aria-label="in full" className="mt-3 text-sm">
        <h3 className="font-head text-base tracking-wide text-blue uppercase">In full</h3>
        <p>
          <WithTerms text={unbroken(allSaid(line.says))} />
        </p>
        {guesses && <p className="mt-1 text-soft">{unbroken(guesses)}</p>}
        <p className="mt-1 text-soft">{notWorkedOut}</p>
      </section>
      <AtShafts line={line} />
      <Cautions lines={cautions} />
    </div>
  );
}

/** What there is at every shaft, or whatever else power goes through: at work, and at full load of what drives it. */
function AtShafts({ line }: { line: EvaluatedLine }) {
  return (
    <section aria-label="at the shafts" className="mt-3 overflow-x-auto">
      <h3 className="font-head tracking-wide text-blue uppercase">At the shafts</h3>
      <table className="text-left">
        <thead className="text-sm text-soft">
          <tr>
            <th scope="col">shaft</th>
            <th scope="col" colSpan={3} className="px-3 font-normal">
              at work
            </th>
            <th scope="col" colSpan={3} className="px-3 font-normal">
              at full load
            </th>
            <th scope="col" className="px-3 font-normal">
              pull
            </th>
          </tr>
        </thead>
        <tbody>
          {line.stations.map(({ id, name, is }) => {
            const [flow, effort] = [portKinds[is].flow.name, portKinds[is].effort.name];
            const cell = (figure: string, of: string) => (
              <td key={figure} className="px-3">
                <FigureText path={`${line.id}/${id}/${figure}`} name={`${of}, ${name}, all`} />
              </td>
            );
            return (
              <tr key={id} className="border-t border-hair">
                <th scope="row" className="pr-3 font-normal">
                  {name}
                </th>
                {[flow, effort, 'power'].map((each) => cell(`running-${each}`, each))}
                {[flow, effort, 'power'].map((each) => cell(each, `${each} at full load`))}
                {cell('pull', 'pull')}
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
