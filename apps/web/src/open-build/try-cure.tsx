import { type Compared, type Cure, compareBuilds, evaluateBuild, headlineOf, withEntries } from '@hobrek/core';
import * as Popover from '@radix-ui/react-popover';
import { useMemo, useState } from 'react';
import { useUnits } from '../shared/preferences.js';
import { unbroken } from '../shared/unbroken.js';
import { VerdictMark } from '../shared/verdict-mark.js';
import { useDocument, useOpen } from './here.js';
import { useFollowed } from './in-sight.js';

/** A change that was tried, as a button: it shows what would change, and is taken only then. */
export function TryCure({ cure, look = 'mr-3 text-blue underline' }: { cure: Cure; look?: string }) {
  const [isTried, setTried] = useState(false);
  return (
    <Popover.Root open={isTried} onOpenChange={setTried}>
      <Popover.Trigger className={`cursor-pointer text-left ${look}`}>Try {cure.says.charAt(0).toLowerCase() + cure.says.slice(1)}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          align="start"
          collisionPadding={12}
          aria-label="what it would change"
          className="z-10 max-h-[var(--radix-popover-content-available-height)] w-[34rem] max-w-[calc(100vw-24px)] overflow-auto border border-ink bg-sheet p-4 text-ink"
        >
          <Change cure={cure} done={() => setTried(false)} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Checks told of one by one. */
const most = 6;

function Change({ cure, done }: { cure: Cure; done: () => void }) {
  const { cureTaken, said } = useOpen();
  const tried = useTried(cure);
  if (!tried) return <p>What it would change is no longer there.</p>;
  const { headline, verdict, compared } = tried;
  const checks = compared.checks.filter(({ a, b }) => a?.verdict !== b?.verdict);
  return (
    <>
      <h2 className="font-head text-lg tracking-wide text-blue uppercase">What it would change</h2>
      <ul className="mt-1">
        {compared.entered.map((each) => (
          <li key={each} className="font-semibold">
            {each}
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <VerdictMark verdict={verdict} /> {unbroken(said(headline))}
      </p>
      <ul className="mt-2 text-sm">
        {checks.slice(0, most).map(({ id, a, b }) => (
          <li key={id} className="grid grid-cols-[auto_auto_auto_1fr] items-baseline gap-x-2 border-t border-hair py-1">
            {a ? <VerdictMark verdict={a.verdict} /> : <span />}
            <span aria-hidden="true">→</span>
            {b ? <VerdictMark verdict={b.verdict} /> : <span />}
            <span>{unbroken(b?.says ?? a?.says ?? '')}</span>
          </li>
        ))}
        {checks.length > most && <li className="border-t border-hair py-1 text-soft">and {checks.length - most} more</li>}
        {checks.length === 0 && <li className="text-soft">No verdict changes, only figures.</li>}
      </ul>
      <p className="mt-3 flex gap-4">
        <button
          type="button"
          className="min-h-8 cursor-pointer bg-blue px-4 font-semibold text-sheet"
          onClick={() => {
            done();
            cureTaken(cure);
          }}
        >
          Take it
        </button>
        <button type="button" className="min-h-8 cursor-pointer text-blue hover:underline" onClick={done}>
          Leave it
        </button>
        <span className="self-center text-sm text-soft">Undo takes it back.</span>
      </p>
    </>
  );
}

interface Tried {
  readonly compared: Compared;
  readonly headline: ReturnType<typeof headlineOf>;
  readonly verdict: ReturnType<typeof evaluateBuild>['verdict'];
}

/** The build with the cure, worked out; null where its fields are no longer there. */
function useTried(cure: Cure): Tried | null {
  const { kinds } = useOpen();
  const build = useDocument((document) => document.build);
  const evaluation = useFollowed(true, (derived) => derived.evaluation);
  const units = useUnits();
  return useMemo(() => {
    const changed = withEntries(build, cure.entries);
    if (!changed) return null;
    const after = evaluateBuild(changed, kinds);
    const compared = compareBuilds({ build, evaluation }, { build: changed, evaluation: after }, units);
    return { compared, headline: headlineOf(changed, after), verdict: after.verdict };
  }, [build, evaluation, kinds, units, cure]);
}
