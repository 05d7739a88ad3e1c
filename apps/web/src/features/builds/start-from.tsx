import { starters } from '@hobrek/core';
import { DropdownMenu } from 'radix-ui';

/** A blank sheet, or a machine laid out as such machines mostly are. */
export function StartFrom({ start }: { start: (starter: string) => void }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="cursor-pointer py-1 text-base font-semibold text-blue hover:underline">Start a build</DropdownMenu.Trigger>
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
