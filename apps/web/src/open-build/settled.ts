import { createStore, type StoreApi } from 'zustand';

/** Without a change for so long, what is out of sight follows. */
export const settles_ms = 120;

/**
 * A store as it was when changes last paused. What nobody sees is drawn from it: a key draws what is in sight and nothing else.
 * @param isKey whether a change is one that others are expected to follow, and is waited with
 */
export function settled<T>(of: StoreApi<T>, isKey: (now: T, before: T) => boolean): { readonly store: StoreApi<T>; readonly stop: () => void } {
  let settling: ReturnType<typeof setTimeout> | undefined;
  const store = createStore<T>(() => of.getState());
  const stop = of.subscribe((now, before) => {
    if (settling !== undefined && !isKey(now, before)) return;
    clearTimeout(settling);
    settling = setTimeout(() => {
      settling = undefined;
      store.setState(of.getState(), true);
    }, settles_ms);
  });
  return {
    store,
    stop: () => {
      clearTimeout(settling);
      stop();
    },
  };
}
