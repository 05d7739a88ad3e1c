import { useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { onPage } from '../../open-build/focus-field.js';
import { useOpen } from '../../open-build/here.js';

const round = '[data-round]';
const pressable = 'a[href], button:not(:disabled), input, textarea, [role=combobox]';

/** F6 goes from the head to the stops, the machine, what is entered, and back to the field last typed in; with Shift the other way. */
export function useRounds(): void {
  const open = useOpen();
  const typedIn = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const typed = ({ target }: Event) => {
      if (target instanceof HTMLElement && target.dataset.path) typedIn.current = target;
    };
    document.addEventListener('input', typed);
    return () => document.removeEventListener('input', typed);
  }, []);
  const go = (by: 1 | -1) => {
    const rounds = onPage(open, round);
    const at = rounds.findIndex((each) => each.contains(document.activeElement));
    const next = rounds[(at + by + rounds.length) % rounds.length];
    const last = typedIn.current;
    if (last && next?.contains(last)) return last.focus();
    [...(next?.querySelectorAll<HTMLElement>(pressable) ?? [])].find((each) => each.tabIndex === 0 && each.getClientRects().length > 0)?.focus();
  };
  useHotkeys('f6', () => go(1), { enableOnFormTags: true, preventDefault: true });
  useHotkeys('shift+f6', () => go(-1), { enableOnFormTags: true, preventDefault: true });
}
