import { showNumber, showShare } from '@hobrek/core';
import { memo } from 'react';
import { checkOf } from './check-of.js';
import { useShown } from './in-sight.js';
import { useOpenBuild } from './store.js';
import { WhyPopover, WhyTrail } from './why.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export const CheckWhy = memo(function CheckWhy({ id }: { id: string }) {
  return (
    <WhyPopover shown={<Left id={id} />} className="text-right text-lg font-semibold">
      <Held id={id} />
    </WhyPopover>
  );
});

function Left({ id }: { id: string }) {
  const worst = useShown(({ open }) => open && checkOf(open.evaluation, id)?.margin?.worst);
  return (
    <>
      {worst === undefined || worst === null ? '?' : worst < -1 ? `${showNumber(1 - worst)}×` : showShare(worst)}
      <span className="sr-only">{worst != null && worst < -1 ? ' what it stands. Why?' : ' left. Why?'}</span>
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
