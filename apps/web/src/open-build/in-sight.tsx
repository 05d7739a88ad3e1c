import { createContext, type ReactNode, type RefCallback, useCallback, useContext, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { useSettledBuild } from './settled-build.js';
import { type Store, useOpenBuild } from './store.js';

export const InSight = createContext(true);

/** Follows the open build: at once what is in sight, otherwise when typing has paused. */
export const useFollowed = <T,>(inSight: boolean, select: (store: Store) => T): T => useStore(inSight ? useOpenBuild : useSettledBuild, select);

/** Follows the open build by whether what it is in is in sight. */
export const useShown = <T,>(select: (store: Store) => T): T => useFollowed(useContext(InSight), select);

/** Follows a list, which stays the same object while the same is in it. (Zustand’s own comparison puts every list into maps, some forty times a key.) */
export function useShownList<L extends readonly unknown[] | undefined>(select: (store: Store) => L): L {
  const last = useRef<L>(undefined as L);
  return useShown((store) => {
    const now = select(store);
    const before = last.current;
    if (!now || now.length !== before?.length || now.some((each, k) => each !== before[k])) last.current = now;
    return last.current;
  });
}

const watched = new WeakMap<Element, (inSight: boolean) => void>();

/** One for the page. Not every place that draws has one. */
const watch =
  'IntersectionObserver' in globalThis
    ? new IntersectionObserver((entries) => {
        for (const { target, isIntersecting } of entries) watched.get(target)?.(isIntersecting);
      })
    : null;

/** Whether an element is in sight; it is, until the browser says that it is not. */
export function useInSight<E extends Element>(): [RefCallback<E>, boolean] {
  const [inSight, setInSight] = useState(true);
  const ref = useCallback((element: E | null) => {
    if (!element) return undefined;
    watched.set(element, setInSight);
    watch?.observe(element);
    return () => watch?.unobserve(element);
  }, []);
  return [ref, inSight];
}

/** What is in it follows the open build by whether it is in sight. */
export function WhenInSight({ children }: { children: ReactNode }) {
  const [ref, inSight] = useInSight<HTMLDivElement>();
  return (
    <div ref={ref} className="min-w-0">
      <InSight value={inSight}>{children}</InSight>
    </div>
  );
}
