import { useSyncExternalStore } from 'react';

const typed = 'input:not([type="checkbox"], [type="radio"]), textarea';
const isTypedIn = (element: EventTarget | null): boolean => element instanceof Element && element.matches(typed);

let typing = false;
function follow(told: () => void): () => void {
  const tell = (now: boolean) => {
    typing = now;
    told();
  };
  const entered = ({ target }: FocusEvent) => tell(isTypedIn(target));
  const left = ({ relatedTarget }: FocusEvent) => tell(isTypedIn(relatedTarget));
  // A field that is taken off the page while it is typed in is not left in every browser.
  const again = () => tell(isTypedIn(document.activeElement));
  again();
  addEventListener('focusin', entered);
  addEventListener('focusout', left);
  addEventListener('pointerdown', again);
  visualViewport?.addEventListener('resize', again);
  return () => {
    removeEventListener('focusin', entered);
    removeEventListener('focusout', left);
    removeEventListener('pointerdown', again);
    visualViewport?.removeEventListener('resize', again);
  };
}

/**
 * Whether something is typed just now, and a phone shows its keyboard. Followed here rather than by a rule of the style sheet on the page as a whole
 * (`body:has(input:focus)`), which is looked through again at every change of the page.
 */
export const useIsTyping = (): boolean => useSyncExternalStore(follow, () => typing);
