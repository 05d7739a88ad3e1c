import * as Tooltip from '@radix-ui/react-tooltip';

/** What is pointed at, or has the focus by a key, and what is said of it. */
export interface Told {
  readonly of: Element;
  readonly says: string;
}

/** A tooltip beside something that did not bring one of its own. */
export function Tip({ of, says }: Told) {
  const { left, top, width, height } = of.getBoundingClientRect();
  return (
    <Tooltip.Provider>
      <Tooltip.Root open>
        <Tooltip.Trigger asChild>
          <span aria-hidden="true" className="pointer-events-none fixed" style={{ left, top, width, height }} />
        </Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content
            sideOffset={4}
            collisionPadding={8}
            aria-hidden="true"
            className="z-30 max-w-80 border border-ink bg-sheet px-2 py-1 text-sm text-ink"
          >
            {says}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
