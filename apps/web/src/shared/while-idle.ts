/** Not every browser says when it has nothing to do: there it is waited for so long. */
const pause_ms = 30;

/** Does one thing after the other, each while nobody presses anything. @returns what gives it up */
export function whileIdle(todo: readonly (() => void)[]): () => void {
  const idle = globalThis.requestIdleCallback ?? ((act: () => void) => setTimeout(act, pause_ms));
  const giveUp = globalThis.cancelIdleCallback ?? clearTimeout;
  const left = [...todo];
  let waiting = 0;
  const one = () => {
    left.shift()?.();
    if (left.length > 0) waiting = idle(one) as number;
  };
  waiting = idle(one) as number;
  return () => giveUp(waiting);
}
