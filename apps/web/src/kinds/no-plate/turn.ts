import { useLayoutEffect, useState } from 'react';

/**
 * Screens that lie one behind the other, by their keys. Which of them is seen is written on the page at the press itself: React is told of it once that frame
 * is drawn, and then finds the page as it would have made it.
 */
export class Turn {
  private readonly places = new Map<string, HTMLElement>();

  /** Takes a screen in, and out again when it leaves the page. */
  readonly place = (key: string, screen: HTMLElement): (() => void) => {
    this.places.set(key, screen);
    return () => {
      if (this.places.get(key) === screen) this.places.delete(key);
    };
  };

  /** @returns whether the screen is seen now: only one that lies behind, laid out, can be */
  to(key: string): boolean {
    if (this.places.get(key)?.style.contentVisibility !== 'hidden') return false;
    this.settles(key);
    return true;
  }

  /** Makes the page as it is by a screen that is seen, whatever a press made of it before. */
  settles(key: string): void {
    for (const [each, { style }] of this.places) {
      if (each === key) style.contentVisibility = 'visible';
      else if (style.contentVisibility === 'visible') style.contentVisibility = 'hidden';
    }
  }
}

/** How screens are turned to, settled with each drawing. @param now the screen that is seen by React */
export function useTurn(now: string): Turn {
  const [turn] = useState(() => new Turn());
  useLayoutEffect(() => turn.settles(now));
  return turn;
}
