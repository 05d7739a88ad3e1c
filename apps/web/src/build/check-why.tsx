import { type Check, showShare } from '@hobrek/core';
import { Popover } from 'radix-ui';
import { WhyTrail } from './why.js';

/** What is left of a check's limit; pressed, it says what was held against what, by which rule. */
export function CheckWhy({ check: { id, margin, has, needs, source } }: { check: Check }) {
  const left = margin ? showShare(margin.worst) : '?';
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
          key={id}
          sideOffset={6}
          collisionPadding={12}
          className="z-10 max-h-[80vh] w-96 max-w-[calc(100vw-24px)] overflow-y-auto border border-ink bg-sheet p-4 text-ink"
        >
          <p className="text-sm text-soft">{source}.</p>
          <WhyTrail figure={has} name="what there is" />
          <hr className="my-3 border-hair" />
          <WhyTrail figure={needs} name="what is asked" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
