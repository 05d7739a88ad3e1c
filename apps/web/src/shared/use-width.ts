import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** The width of an element, kept up to date: nought until the page was laid out, which is before it is painted. Asking for it sooner would lay it out twice. */
export function useWidth<E extends Element>(): [RefObject<E | null>, number] {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new ResizeObserver(([entry]) => setWidth(Math.round(entry?.contentRect.width ?? 0)));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return [ref, width];
}
