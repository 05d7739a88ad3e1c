/** How long a page may take to come. */
const patience_ms = 2_000;
/** Whoever goes on elsewhere meanwhile is not called back. */
const elsewhere = ['keydown', 'pointerdown'] as const;
/** Who waits for a field waits no longer when another is gone to. */
let giveUp: () => void = () => {};

/** Focuses what is found, once it is on the page: before the next key is heard where it is there at once. */
export function focusOnce(find: () => HTMLElement | null | undefined, block: ScrollLogicalPosition = 'nearest'): void {
  giveUp();
  const tries = () => {
    const found = find();
    if (!found) return false;
    found.closest('details')?.setAttribute('open', '');
    found.focus();
    found.scrollIntoView({ block });
    return true;
  };
  if (tries()) return;
  const watch = new MutationObserver(() => {
    if (tries()) stop();
  });
  const stop = () => {
    watch.disconnect();
    for (const each of elsewhere) removeEventListener(each, stop, true);
  };
  giveUp = stop;
  watch.observe(document.body, { childList: true, subtree: true });
  for (const each of elsewhere) addEventListener(each, stop, true);
  setTimeout(stop, patience_ms);
}
