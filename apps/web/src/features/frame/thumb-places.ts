import { useEffect, useLayoutEffect } from 'react';
import { useLocation } from 'react-router';
import { checksHash } from '../../open-build/stop.js';

/** The places that a thumb goes to, on a phone. */
export type Thumb = 'machine' | 'checks' | 'fields';

interface Place {
  readonly address: string;
  /** How far it was scrolled, px. */
  readonly y: number;
}

/** Where a thumb was last, by the build and the thumb; the page that is loaded anew begins anew. */
const places = new Map<string, Place>();
let goingTo: string | null = null;
/** How far the page is scrolled, px, as the last scrolling said: to ask for it at every change of the address would lay the page out once more. */
let down = 0;

const keyOf = (build: string, thumb: Thumb): string => `${build} ${thumb}`;

const thumbAt = (pathname: string, hash: string): Thumb => (pathname.split('/').length > 3 ? 'fields' : hash === checksHash ? 'checks' : 'machine');

/** Where such a thumb leads: to where it was last, or to `first`. */
export const placeOf = (build: string, thumb: Thumb, first: string): string => places.get(keyOf(build, thumb))?.address ?? first;

/** It is come back to as far down as it was left. */
export const goneTo = (build: string, thumb: Thumb): void => {
  goingTo = keyOf(build, thumb);
};

/** Keeps of each thumb where it was last, and how far down. @returns the thumb whose place the page shows */
export function useThumbPlaces(build: string): Thumb {
  const { pathname, search, hash } = useLocation();
  const thumb = thumbAt(pathname, hash);
  const key = keyOf(build, thumb);
  const address = `${pathname}${search}${hash}`;
  // Another page may have been scrolled since: asked once, when the build is opened.
  useLayoutEffect(() => {
    down = scrollY;
  }, []);
  useLayoutEffect(() => {
    const before = places.get(key);
    const isCameBack = goingTo === key;
    goingTo = null;
    const y = isCameBack ? (before?.y ?? 0) : down;
    places.set(key, { address, y });
    if (isCameBack) scrollTo(0, y);
  }, [key, address]);
  useEffect(() => {
    const scrolled = () => {
      down = scrollY;
      places.set(key, { address, y: down });
    };
    addEventListener('scroll', scrolled, { passive: true });
    return () => removeEventListener('scroll', scrolled);
  }, [key, address]);
  return thumb;
}
