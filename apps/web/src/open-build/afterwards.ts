let pending: (() => void)[] = [];

/** Done as soon as the screen has answered the key, in order; at once when the page is left. */
export function afterwards(work: () => void): void {
  if (pending.length === 0) setTimeout(doPending);
  pending.push(work);
}

/** All that waits, now. */
export function doPending(): void {
  const works = pending;
  pending = [];
  for (const work of works) work();
}

addEventListener('pagehide', doPending);
