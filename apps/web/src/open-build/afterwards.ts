/** What is done as soon as the screen has answered the key. */
export interface Afterwards {
  /** Done then, in order; at once when the page is left. */
  readonly later: (work: () => void) => void;
  /** All that waits, now. */
  readonly now: () => void;
}

export function createAfterwards(): Afterwards {
  let pending: (() => void)[] = [];
  const now = () => {
    const works = pending;
    pending = [];
    for (const work of works) work();
  };
  return {
    later: (work) => {
      if (pending.length === 0) setTimeout(now);
      pending.push(work);
    },
    now,
  };
}
