import { type Findable, nearness } from '@hobrek/core';
import * as Dialog from '@radix-ui/react-dialog';
import { Command } from 'cmdk';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { takeTypedAhead } from './typed-ahead.js';

export interface CommandAct extends Findable {
  /** Where several may be called the same. */
  readonly id?: string;
  readonly act: () => void;
}

export interface CommandHeap {
  readonly called: string;
  readonly acts: readonly CommandAct[];
  /** Shown only once something is typed: there are many. */
  readonly isDeep?: boolean;
}

interface Sheet {
  readonly placeholder: string;
  readonly heaps: readonly CommandHeap[];
  readonly close: () => void;
  /** What is typed, for who looks for more than lies in the heaps. */
  readonly typed?: (text: string) => void;
}

/** Of a heap in which much is found, so many are shown. */
const mostOfHeap = 12;

/** A list of what can be done, found by typing parts of its name, the nearest first; open while it is shown. What was chosen may take the focus: it is given back only when nothing was. */
export function CommandSheet({ placeholder, heaps, close, typed }: Sheet) {
  const before = useRef<Element | null>(document.activeElement);
  const [text, setText] = useState('');
  const shown = useMemo(() => nearest(heaps, text), [heaps, text]);
  // Enter takes the nearest, however fast it follows what is typed.
  const first = shown[0]?.acts[0] && keyOf(shown[0], shown[0].acts[0]);
  const [selected, select] = useState(first ?? '');
  useLayoutEffect(() => select(first ?? ''), [first]);
  const chosen = ({ act }: CommandAct) => {
    close();
    // The list returns its focus first; what is chosen may take it.
    setTimeout(act);
  };
  const typing = (now: string) => {
    setText(now);
    typed?.(now);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: typed before the list was there, and taken once
  useLayoutEffect(() => {
    const ahead = takeTypedAhead();
    if (!ahead.text) return;
    typing(ahead.text);
    const found = nearest(heaps, ahead.text)[0]?.acts[0];
    if (ahead.isEntered && found) chosen(found);
  }, []);
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
          className="fixed top-[12vh] left-1/2 z-20 w-[38rem] max-w-[calc(100vw-24px)] -translate-x-1/2 border border-ink bg-sheet text-ink max-sm:top-[4vh]"
        >
          <Dialog.Title className="sr-only">What should be done?</Dialog.Title>
          <Command label="What should be done?" loop shouldFilter={false} value={selected} onValueChange={select}>
            <Command.Input
              autoFocus
              placeholder={placeholder}
              value={text}
              onValueChange={typing}
              className="w-full border-b border-ink bg-transparent px-4 py-3 text-lg outline-none"
            />
            <Command.List className="max-h-[56vh] overflow-auto p-2">
              <Command.Empty className="px-2 py-1 text-soft">Nothing is called that.</Command.Empty>
              {shown.map((heap) => (
                <Command.Group
                  key={heap.called}
                  heading={heap.called}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
                >
                  {heap.acts.map((each) => (
                    <Command.Item
                      key={each.id ?? each.says}
                      value={keyOf(heap, each)}
                      className="cursor-pointer px-2 py-1 data-[selected=true]:bg-wash pointer-coarse:py-2.5"
                      onSelect={() => chosen(each)}
                    >
                      {each.says}
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

/** What tells one of all from the others. */
const keyOf = ({ called }: CommandHeap, { says, id = '' }: CommandAct): string => `${called} ${says} ${id}`.trim();

/** What is found in each heap, the nearest first, and the heaps by their nearest; all as it lies while nothing is typed. */
function nearest(heaps: readonly CommandHeap[], text: string): readonly CommandHeap[] {
  if (text.trim() === '') return heaps.filter(({ isDeep, acts }) => !isDeep && acts.length > 0);
  return heaps
    .flatMap((heap) => {
      const found = heap.acts
        // Of two that are as near, what is done or entered goes before what is read.
        .map((act) => ({ act, near: (heap.isDeep ? 0.8 : 1) * nearness({ says: act.says, also: `${heap.called} ${act.also ?? ''}` }, text) }))
        .filter(({ near }) => near > 0)
        .sort((a, b) => b.near - a.near);
      const [best] = found;
      return best ? [{ heap: { called: heap.called, acts: found.slice(0, mostOfHeap).map(({ act }) => act) }, near: best.near }] : [];
    })
    .sort((a, b) => b.near - a.near)
    .map(({ heap }) => heap);
}
