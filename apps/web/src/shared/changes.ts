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
 * only six connections to a server, and a stream takes one for good. When that tab goes, the next takes over.
 */
export function hearChanges(listener: (change: Change) => void): () => void {
  listeners.add(listener);
  if (!channel) {
    channel = new BroadcastChannel(name);
    channel.onmessage = ({ data }: MessageEvent<Change>) => tell(data);
    const stream = () => openStream(channel as BroadcastChannel);
    // Over plain http on a network there are no locks: each tab has a stream of its own then, and a phone has few tabs.
    if (navigator.locks) void navigator.locks.request(name, () => new Promise<never>(stream));
    else stream();
  }
  return () => listeners.delete(listener);
}

function openStream(others: BroadcastChannel): void {
  const stream = new EventSource('/api/events');
  let opened = false;
  const pass = (change: Change) => {
    tell(change);
    others.postMessage(change);
  };
  stream.onmessage = ({ data }: MessageEvent<string>) => pass(JSON.parse(data) as Change);
  stream.onopen = () => {
    // Reconnected: what was said in between is not said again. The first time, too, another tab's stream may just have ended.
    if (opened) pass({ missed: true });
    opened = true;
  };
}
