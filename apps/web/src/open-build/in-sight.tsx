import { type EvaluatedLine, type Line, lineOf } from '@hobrek/core';
import { createContext, type ReactNode, type RefCallback, useCallback, useContext, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { useDocument, useOpen, useSession } from './here.js';
import type { DerivedState, SessionState } from './state.js';

export const InSight = createContext(true);

/** Follows what was worked out: at once what is in sight, otherwise when typing has paused. */
export function useFollowed<T>(inSight: boolean, select: (derived: DerivedState) => T): T {
  const { derived, whenSettled } = useOpen();
  return useStore(inSight ? derived : whenSettled.derived, select);
}

/** Follows what was worked out by whether what it is in is in sight. */
export const useDerived = <T,>(select: (derived: DerivedState) => T): T => useFollowed(useContext(InSight), select);

/** Follows what this page does with the build, likewise. */
export function useSessionInSight<T>(select: (session: SessionState) => T): T {
  const { session, whenSettled } = useOpen();
  return useStore(useContext(InSight) ? session : whenSettled.session, select);
}

/** Follows something of the line that is shown: of several the one that was chosen, while it is there. */
export function useLine<T>(select: (line: Line) => T): T {
  const shown = useSession(({ line }) => line);
  return useDocument(({ build }) => select(lineOf(build, shown)));
}

/** What was worked out of the line that is shown. */
export const evaluatedLine = ({ build, evaluation }: DerivedState, shown: string | null): EvaluatedLine | undefined => {
  const { id } = lineOf(build, shown);
  return evaluation.lines.find((line) => line.id === id);
};

/** Follows something that was worked out of the line that is shown, by whether it is in sight. */
export function useEvaluated<T>(select: (line: EvaluatedLine) => T): T | undefined {
  const shown = useSessionInSight(({ line }) => line);
  return useDerived((derived) => {
    const line = evaluatedLine(derived, shown);
    return line && select(line);
  });
}

/** The same list while the same is in it. (Zustand’s own comparison puts every list into maps, some forty times a key.) */
function useSameList<S, L extends readonly unknown[] | undefined>(select: (state: S) => L): (state: S) => L {
  const last = useRef<L>(undefined as L);
  return (state) => {
    const now = select(state);
    const before = last.current;
    if (!now || now.length !== before?.length || now.some((each, k) => each !== before[k])) last.current = now;
    return last.current;
  };
}

/** Follows a list of what was worked out of the line that is shown. */
export const useEvaluatedList = <L extends readonly unknown[]>(select: (line: EvaluatedLine) => L): L | undefined =>
  useEvaluated(useSameList<EvaluatedLine, L>(select));

/** Follows a list of what was worked out. */
export const useDerivedList = <L extends readonly unknown[] | undefined>(select: (derived: DerivedState) => L): L =>
  useDerived(useSameList<DerivedState, L>(select));

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
