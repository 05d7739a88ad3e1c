import { showShare } from '@hobrek/core';
import { useOpenBuild } from './open-build.js';
import { WhyPopover, WhyTrail } from './why.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export function CheckWhy({ id, worst }: { id: string; worst: number | undefined }) {
  const left = worst === undefined ? '?' : showShare(worst);
  return (
    <WhyPopover label={`${left} left. Why?`} shown={left} className="text-right text-lg font-semibold">
      <Held id={id} />
    </WhyPopover>
  );
}

function Held({ id }: { id: string }) {
  const check = useOpenBuild(({ open }) => open?.evaluation.checks.find((each) => each.id === id));
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
