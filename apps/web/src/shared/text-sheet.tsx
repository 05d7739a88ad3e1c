import * as Dialog from '@radix-ui/react-dialog';
import { useRef } from 'react';

/** A text to read: what a term means, how a formula is set, what is not here yet. */
export interface TextToRead {
  readonly title: string;
  readonly paragraphs: readonly string[];
}

/** It lies over the page until it is closed; the focus goes back to where it was. */
export function TextSheet({ text: { title, paragraphs }, close }: { text: TextToRead; close: () => void }) {
  const before = useRef<Element | null>(document.activeElement);
  return (
    <Dialog.Root open onOpenChange={close}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (before.current instanceof HTMLElement) before.current.focus();
          }}
          className="fixed top-[12vh] left-1/2 z-20 max-h-[76vh] w-[34rem] max-w-[calc(100vw-24px)] -translate-x-1/2 overflow-auto border border-ink bg-sheet p-4 text-ink"
        >
          <Dialog.Title className="font-head text-lg tracking-wide text-blue uppercase">{title}</Dialog.Title>
          {paragraphs.map((line) => (
            <p key={line} className="mt-1">
              {line}
            </p>
          ))}
          <Dialog.Close className="mt-3 min-h-8 cursor-pointer text-blue underline">close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
