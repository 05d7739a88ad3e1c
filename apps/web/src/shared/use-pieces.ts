import { startTransition, useEffect, useState } from 'react';
import { afterFrame } from './after-frame.js';

/**
 * For what takes longer than a frame to make and lay out: it comes in pieces, one a frame, and a key between two of them is heard.
 * @param all pieces of the whole
 * @param first pieces that are there from the start
 * @returns how many are there, never more than all
 */
export function usePieces(all: number, first = 1): number {
  const [there, setThere] = useState(first);
  const isMore = there < all;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each piece that came brings the next one
  useEffect(() => (isMore ? afterFrame(() => startTransition(() => setThere((now) => now + 1))) : undefined), [isMore, there]);
  return Math.min(all, there);
}
