import { create } from 'zustand';
import { type OpenBuild, useOpenBuild } from './store.js';

/** Without a change for so long, what is out of sight follows. */
export const settles_ms = 120;

/** The open build as it was when typing last paused. What nobody sees is drawn from it: a key draws what is in sight and nothing else. */
export const useSettledBuild = create(() => useOpenBuild.getState());

let settling: ReturnType<typeof setTimeout> | undefined;

useOpenBuild.subscribe(({ open: now }, { open: before }) => {
  if (!now || now.id !== useSettledBuild.getState().open?.id) settle();
  else if (!before || changed(now, before)) {
    clearTimeout(settling);
    settling = setTimeout(settle, settles_ms);
  }
});

function settle(): void {
  clearTimeout(settling);
  useSettledBuild.setState(useOpenBuild.getState());
}

/** Whether anything is drawn otherwise: that it was kept is not. */
const changed = (now: OpenBuild, before: OpenBuild) =>
  now.build !== before.build ||
  now.evaluation !== before.evaluation ||
  now.greyed !== before.greyed ||
  now.picked !== before.picked ||
  now.line !== before.line;
