import { v4 as newId } from 'uuid';

/** What tabs say to each other: who holds it, and since when; that one goes. */
type Said = { readonly says: 'who?' } | { readonly says: 'here'; readonly tab: string; readonly since: number } | { readonly says: 'bye' };

/** How often it is looked whether somebody holds it, how long an answer is waited for, and at first. */
export const pace = { look_ms: 2_000, answer_ms: 1_000, first_ms: 250 } as const;

export interface Holding {
  /** Lets go of it for good: another takes over. */
  readonly leave: () => void;
}

/**
 * Of all tabs of a browser that are alive one holds something. It answers whoever looks for it, which a tab in the background does as fast as any, and a frozen one
 * does not: then another takes it, within three seconds of its own looking. Of two that hold it the later keeps it. Works over plain http, where browsers have no
 * locks.
 * @param name of what is held, the same in all tabs
 * @param begin takes it up, and is told whether another may have held it before; what it returns ends it
 */
export function oneOfMany(name: string, begin: (isLate: boolean) => () => void): Holding {
  const tab = newId();
  const channel = new BroadcastChannel(name);
  const say = (said: Said) => channel.postMessage(said);
  let held: { readonly since: number; readonly end: () => void } | null = null;
  let heard = Number.NEGATIVE_INFINITY;
  let isLate = false;
  let waiting: ReturnType<typeof setTimeout> | undefined;

  const take = () => {
    waiting = undefined;
    if (held) return;
    held = { since: Date.now(), end: begin(isLate) };
    say({ says: 'here', tab, since: held.since });
  };
  const drop = () => {
    held?.end();
    held = null;
  };
  /** Takes it, unless somebody is heard of by then. */
  const takeUnlessHeard = (within_ms: number) => {
    if (held || waiting !== undefined) return;
    const from = performance.now();
    waiting = setTimeout(() => {
      waiting = undefined;
      if (heard < from) take();
    }, within_ms);
  };
  const look = (within_ms: number = pace.answer_ms) => {
    if (held) return;
    takeUnlessHeard(within_ms);
    say({ says: 'who?' });
  };

  channel.onmessage = ({ data }: MessageEvent<Said>) => {
    if (data.says === 'who?') {
      if (held) say({ says: 'here', tab, since: held.since });
    } else if (data.says === 'here') {
      heard = performance.now();
      isLate = true;
      if (!held) return;
      const isLater = data.since > held.since || (data.since === held.since && data.tab > tab);
      if (isLater) drop();
      else say({ says: 'here', tab, since: held.since });
    } else {
      isLate = true;
      // Not all at once.
      takeUnlessHeard(Math.random() * 100);
    }
  };
  look(pace.first_ms);
  const looking = setInterval(() => look(), pace.look_ms);
  const leave = () => {
    clearInterval(looking);
    clearTimeout(waiting);
    const mine = held !== null;
    drop();
    if (mine) say({ says: 'bye' });
    channel.close();
  };
  return { leave };
}
