import * as Dialog from '@radix-ui/react-dialog';
import { Command } from 'cmdk';
import { useRef } from 'react';

export interface CommandAct {
  readonly says: string;
  /** Where several may be called the same. */
  readonly id?: string;
  readonly act: () => void;
}

export interface CommandHeap {
  readonly called: string;
  readonly acts: readonly CommandAct[];
}

interface Sheet {
  readonly placeholder: string;
  readonly heaps: readonly CommandHeap[];
  readonly close: () => void;
  /** What is typed, for who looks for more than lies in the heaps. */
  readonly typed?: (text: string) => void;
}

/** A list of what can be done, found by typing parts of its name; open while it is shown. What was chosen may take the focus: it is given back only when nothing was. */
export function CommandSheet({ placeholder, heaps, close, typed }: Sheet) {
  const before = useRef<Element | null>(document.activeElement);
  const dismissed = () => {
    close();
    setTimeout(() => before.current instanceof HTMLElement && before.current.focus());
  };
  return (
    <Dialog.Root open onOpenChange={dismissed}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="fixed top-[12vh] left-1/2 z-20 w-[38rem] max-w-[calc(100vw-24px)] -translate-x-1/2 border border-ink bg-sheet text-ink"
        >
          <Dialog.Title className="sr-only">What should be done?</Dialog.Title>
          <Command label="What should be done?" loop filter={hasWords}>
            <Command.Input
              autoFocus
              placeholder={placeholder}
              {...(typed ? { onValueChange: typed } : {})}
              className="w-full border-b border-ink bg-transparent px-4 py-3 text-lg outline-none"
            />
            <Command.List className="max-h-[56vh] overflow-auto p-2">
              <Command.Empty className="px-2 py-1 text-soft">Nothing is called that.</Command.Empty>
              {heaps.map(({ called, acts }) => (
                <Command.Group
                  key={called}
                  heading={called}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
                >
                  {acts.map(({ says, id, act }) => (
                    <Command.Item
                      key={id ?? says}
                      value={`${called} ${says}${id ? ` ${id}` : ''}`}
                      className="cursor-pointer px-2 py-1 data-[selected=true]:bg-wash"
                      onSelect={() => {
                        close();
                        // The list returns its focus first; what is chosen may take it.
                        setTimeout(act);
                      }}
                    >
                      {says}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Every word that is typed must be in it. */
const hasWords = (value: string, typed: string): number => {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return words.every((word) => value.toLowerCase().includes(word)) ? 1 : 0;
};
