import type { Starter } from '@hobrek/core';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';

const load = () => import('./starters.js');

/** A blank sheet, or a machine laid out as such machines mostly are. */
export function StartFrom({ start }: { start: (starter: string) => void }) {
  const [open, setOpen] = useState(false);
  const [starters, setStarters] = useState<readonly Starter[]>([]);
  const opened = async (now: boolean) => {
    // Opened only once there is something in it, so that the first of them gets the focus.
    if (now && starters.length === 0) setStarters((await load()).starters);
    setOpen(now);
  };
  return (
    <DropdownMenu.Root modal={false} open={open} onOpenChange={(now) => void opened(now)}>
      <DropdownMenu.Trigger
        className="cursor-pointer py-1 text-base font-semibold text-blue hover:underline"
        onPointerEnter={() => void load()}
        onFocus={() => void load()}
      >
        Start a build
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content sideOffset={6} align="end" className="z-10 w-96 max-w-[calc(100vw-24px)] border border-ink bg-sheet py-1 text-ink">
          {starters.map(({ id, name, says }) => (
            <DropdownMenu.Item key={id} className="cursor-pointer px-4 py-1.5 outline-none data-highlighted:bg-wash" onSelect={() => start(id)}>
              <span className="block font-semibold">{id === 'blank' ? 'A blank sheet' : name}</span>
              <span className="block text-sm text-soft">{says}</span>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
