import { useLayoutEffect } from 'react';

interface Ahead {
  readonly text: string;
  /** Whether it was closed with Enter: then the nearest is taken. */
  readonly isEntered: boolean;
}

const nothing: Ahead = { text: '', isEntered: false };
let ahead = nothing;

/** What was typed until the list was there, once: taken in a layout effect of it, for it is made a while before it takes this one’s place. */
export function takeTypedAhead(): Ahead {
  const taken = ahead;
  ahead = nothing;
  return taken;
}

function withKey({ text, isEntered }: Ahead, { key, ctrlKey, metaKey, altKey }: KeyboardEvent): Ahead {
  if (isEntered) return { text, isEntered };
  if (key === 'Enter') return { text, isEntered: true };
  if (key === 'Backspace') return { text: text.slice(0, -1), isEntered };
  const isLetter = key.length === 1 && !ctrlKey && !metaKey && !altKey;
  return { text: isLetter ? text + key : text, isEntered };
}

/** In the place of a list that is typed into, while its code is on its way: what is typed meanwhile is typed into the list, and no key of the page or of a field. */
export function TypedAhead({ close }: { close: () => void }) {
  useLayoutEffect(() => {
    ahead = nothing;
    const keep = (event: KeyboardEvent) => {
      event.stopImmediatePropagation();
      event.preventDefault();
      ahead = event.key === 'Escape' ? nothing : withKey(ahead, event);
      if (event.key === 'Escape') close();
    };
    addEventListener('keydown', keep, true);
    return () => removeEventListener('keydown', keep, true);
  }, [close]);
  return null;
}
