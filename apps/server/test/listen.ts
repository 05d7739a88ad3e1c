/** Listens to the events of a server; what it said so far is in the list that is returned. Ended through what is added to `streams`. */
export async function listenAt(base: string, streams: AbortController[]): Promise<unknown[]> {
  const stop = new AbortController();
  streams.push(stop);
  const heard: unknown[] = [];
  const response = await fetch(`${base}/api/events`, { signal: stop.signal });
  void (async () => {
    const decoder = new TextDecoder();
    for await (const piece of response.body ?? []) {
      for (const [, data] of decoder.decode(piece as Uint8Array).matchAll(/^data: (\{.*\})$/gm)) heard.push(JSON.parse(data as string));
    }
  })().catch(() => {});
  return heard;
}
