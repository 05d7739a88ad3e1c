/** Where no frame is drawn, as in a tab that nobody sees, it is waited for no longer than this. */
const most_ms = 100;

/** Does something once the frame is drawn that is on its way. @returns what gives it up */
export function afterFrame(act: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const now = () => {
    giveUp();
    act();
  };
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    // Behind what the frame itself is made of.
    timer = setTimeout(now);
  });
  timer = setTimeout(now, most_ms);
  const giveUp = () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
  return giveUp;
}
