import { showShare } from '@hobrek/core';
import { Popover } from 'radix-ui';
import { useOpenBuild } from './open-build.js';
import { WhyTrail } from './why.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export function CheckWhy({ id, worst }: { id: string; worst: number | undefined }) {
  const left = worst === undefined ? '?' : showShare(worst);
  return (
    <Popover.Root>
      <Popover.Trigger
        className="cursor-help text-right text-lg font-semibold decoration-hair decoration-dotted underline-offset-4 hover:underline"
        aria-label={`${left} left. Why?`}
      >
        {left}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          className="z-10 max-h-[80vh] w-100 max-w-[calc(100vw-24px)] overflow-y-auto border border-ink bg-sheet p-4 text-ink"
        >
          <Held id={id} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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
