import { lazy, type ReactNode, Suspense, useEffect, useState } from 'react';
import type { Told } from './tip.js';

const Tip = lazy(async () => ({ default: (await import('./tip.js')).Tip }));

const after_ms = 500;

/** The same words, for what is not seen as well. */
export const tip = (says: string | undefined) => (says ? { 'data-tip': says, 'aria-description': says } : {});

/** One tooltip for the whole page, beside whatever says `data-tip`: a page has hundreds, and each would cost something at every key. */
export function Tips({ children }: { children: ReactNode }) {
  const [told, setTold] = useState<Told | null>(null);
  useEffect(() => {
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const leave = () => {
      clearTimeout(waiting);
      setTold(null);
    };
    const tell = (target: EventTarget | null, wait_ms: number) => {
      const of = target instanceof Element ? target.closest('[data-tip]') : null;
      const says = of?.getAttribute('data-tip');
      leave();
      if (of && says) waiting = setTimeout(() => setTold({ of, says }), wait_ms);
    };
    const over = ({ target, pointerType }: PointerEvent) => {
      if (pointerType === 'mouse') tell(target, after_ms);
    };
    const focused = ({ target }: FocusEvent) => {
      if (target instanceof Element && target.matches(':focus-visible:not(input)')) tell(target, 0);
    };
    const key = ({ key: pressed }: KeyboardEvent) => {
      if (pressed === 'Escape') leave();
    };
    const heard = { pointerover: over, pointerdown: leave, focusin: focused, focusout: leave, keydown: key, wheel: leave } as const;
    for (const [name, hear] of Object.entries(heard)) addEventListener(name, hear as EventListener, { passive: true });
    return () => {
      leave();
      for (const [name, hear] of Object.entries(heard)) removeEventListener(name, hear as EventListener);
    };
  }, []);
  return (
    <>
      {children}
      <Suspense>{told && <Tip {...told} />}</Suspense>
    </>
  );
}
