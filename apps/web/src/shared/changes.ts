import { oneOfMany } from './one-of-many.js';

/** What the server tells of builds that were changed by anyone; `missed` when some may have gone unheard. */
export type Change = { readonly id: string; readonly version: number } | { readonly missed: true };

const name = 'hobrek:changes';
const listeners = new Set<(change: Change) => void>();
let channel: BroadcastChannel | null = null;

function tell(change: Change): void {
  for (const listener of listeners) listener(change);
}

/**
 * Hears changes for as long as the returned function is not called. One tab of a browser holds the stream and passes on what it hears: a browser opens
 * only six connections to a server, and a stream takes one for good. When that tab goes, is frozen or asleep, another takes over.
 */
export function hearChanges(listener: (change: Change) => void): () => void {
  listeners.add(listener);
  if (!channel) {
    const others = new BroadcastChannel(name);
    channel = others;
    others.onmessage = ({ data }: MessageEvent<Change>) => tell(data);
    let isBack = false;
    const join = () => oneOfMany('hobrek:stream', (isLate) => openStream(others, isLate || isBack));
    let holding = join();
    addEventListener('pagehide', () => holding.leave());
    // Gone back to by the browser’s own button it goes on, having heard nothing meanwhile.
    addEventListener('pageshow', ({ persisted }) => {
      if (!persisted) return;
      isBack = true;
      holding = join();
    });
  }
  return () => listeners.delete(listener);
}

/** @param isLate another may have held the stream, and what was said since is not said again */
function openStream(others: BroadcastChannel, isLate: boolean): () => void {
  const stream = new EventSource('/api/events');
  let mayHaveMissed = isLate;
  const pass = (change: Change) => {
    tell(change);
    others.postMessage(change);
  };
  stream.onmessage = ({ data }: MessageEvent<string>) => pass(JSON.parse(data) as Change);
  stream.onopen = () => {
    if (mayHaveMissed) pass({ missed: true });
    mayHaveMissed = true;
  };
  return () => stream.close();
}
