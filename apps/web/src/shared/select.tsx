import * as Radix from '@radix-ui/react-select';
import { type ComponentProps, useRef, useState } from 'react';

interface Chosen extends Omit<ComponentProps<'button'>, 'value' | 'onChange' | 'children'> {
  readonly value: string;
  /** What can be chosen, by its value; one may be the empty text. */
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly change: (value: string) => void;
}

/** A longer pause begins another word. */
const pause_ms = 1_000;

/**
 * One of a list. An arrow key opens it and changes nothing, so that nobody who goes down a page by keys changes what is on it; typing chooses what begins
 * so. Open it has rows as high as a finger needs.
 */
export function Select({ value, options, change, className = '', ...button }: Chosen) {
  const [open, setOpen] = useState(false);
  // What was typed on the closed list, one key after the other.
  const begun = useRef({ text: '', at: 0 });
  const at = options.findIndex(([each]) => each === value);
  return (
    <Radix.Root
      open={open}
      onOpenChange={setOpen}
      value={at < 0 ? '' : String(at)}
      onValueChange={(k) => {
        const [chosen] = options[Number(k)] ?? [];
        if (chosen !== undefined && chosen !== value) change(chosen);
      }}
    >
      <Radix.Trigger
        {...button}
        data-value={value}
        className={`cursor-pointer truncate text-left outline-none ${className}`}
        onKeyDown={(event) => {
          const { key, ctrlKey, metaKey, altKey, timeStamp } = event;
          // A chord is the page’s.
          if ((ctrlKey || metaKey) && (key === 'Enter' || key === ' ')) event.preventDefault();
          if (ctrlKey || metaKey || altKey) return;
          // What is typed here, and the arrow keys, are meant for the list and not for the page; in a row of things to press two of them go on.
          const isOn = (key === 'ArrowLeft' || key === 'ArrowRight') && event.currentTarget.closest('[data-row]') !== null;
          if (key.length === 1 || (key.startsWith('Arrow') && !isOn)) event.stopPropagation();
          const before = timeStamp - begun.current.at < pause_ms ? begun.current.text : '';
          if (key.length !== 1 || (key === ' ' && before === '')) return;
          event.preventDefault();
          begun.current = { text: before + key.toLowerCase(), at: timeStamp };
          const meant = options.find(([, words]) => words.toLowerCase().startsWith(begun.current.text));
          if (meant && meant[0] !== value) change(meant[0]);
        }}
      >
        <span className="flex items-baseline gap-1">
          <span className="min-w-0 grow truncate">
            <Radix.Value>{options[at]?.[1] ?? value}</Radix.Value>
          </span>
          <Radix.Icon className="shrink-0 text-soft">
            <svg width="9" height="6" aria-hidden="true">
              <path d="M0.5 0.5 4.5 5 8.5 0.5" stroke="currentColor" fill="none" />
            </svg>
          </Radix.Icon>
        </span>
      </Radix.Trigger>
      {open && (
        <Radix.Portal>
          <Radix.Content
            position="popper"
            sideOffset={2}
            collisionPadding={8}
            className="z-30 max-h-(--radix-select-content-available-height) min-w-(--radix-select-trigger-width) max-w-[calc(100vw-16px)] overflow-auto border border-ink bg-sheet text-base text-ink"
          >
            <Radix.Viewport>
              {options.map(([each, words], k) => (
                <Radix.Item
                  key={each}
                  value={String(k)}
                  data-value={each}
                  className="flex min-h-8 cursor-pointer items-center gap-2 px-3 py-1 outline-none data-highlighted:bg-wash data-[state=checked]:font-semibold pointer-coarse:min-h-11"
                >
                  <span className={`w-3 shrink-0 ${each === value ? '' : 'invisible'}`} aria-hidden="true">
                    ✓
                  </span>
                  <Radix.ItemText>{words}</Radix.ItemText>
                </Radix.Item>
              ))}
            </Radix.Viewport>
          </Radix.Content>
        </Radix.Portal>
      )}
    </Radix.Root>
  );
}
