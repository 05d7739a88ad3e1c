import { showNumber, showShare } from '@hobrek/core';
import { memo } from 'react';
import { checkOf } from './check-of.js';
import { useShown } from './in-sight.js';
import { useOpenBuild } from './store.js';
import { AskWhy, WhyTrail } from './why.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export const CheckWhy = memo(function CheckWhy({ id }: { id: string }) {
  return (
    <AskWhy answer={<Held id={id} />} className="text-right text-lg font-semibold">
      <Left id={id} />
    </AskWhy>
  );
});

/** Past twice what it stands a share says little. */
const shownOf = (worst: number | null) =>
  worst === null ? '?| left.' : worst < -1 ? `${showNumber(1 - worst)}×| what it stands.` : `${showShare(worst)}| left.`;

function Left({ id }: { id: string }) {
  const [left, means] = useShown(({ open }) => shownOf((open && checkOf(open.evaluation, id)?.margin?.worst) ?? null)).split('|');
  return (
    <>
      {left}
      <span className="sr-only">{means} Why?</span>
    </>
  );
}

function Held({ id }: { id: string }) {
  const check = useOpenBuild(({ open }) => (open ? checkOf(open.evaluation, id) : undefined));
  if (!check) return null;
  return (
    <>
      <p className="text-sm text-soft">{check.source}.</p>
      <WhyTrail figure={check.has} name="what there is" />
      <hr className="my-3 border-hair" />
      <WhyTrail figure={check.needs} name="what is asked" />
    </>
  );
}
