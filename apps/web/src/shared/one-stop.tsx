import { type ComponentProps, type KeyboardEvent, useEffect, useRef } from 'react';

const pressable = 'a[href], button:not(:disabled), [role=combobox]';

const steps: Readonly<Record<string, (at: number, many: number) => number>> = {
  ArrowRight: (at, many) => (at + 1) % many,
  ArrowLeft: (at, many) => (at + many - 1) % many,
  Home: () => 0,
  End: (_, many) => many - 1,
};

/**
 * What is in it is one stop of the Tab key; arrow keys go from one to the next. It goes by what is on the page: figures, menus and links come from
 * everywhere, and none of them needs to know that it is in a row.
 */
export function OneStop({ children, ...row }: ComponentProps<'div'>) {
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = ref.current;
    if (!box) return undefined;
    const settle = () => {
      const all = items(box);
      const current =
        all.find((each) => each === document.activeElement) ??
        all.find((each) => each.dataset.stop) ??
        all.find((each) => each.ariaCurrent) ??
        all[0];
      for (const each of all) each.tabIndex = each === current ? 0 : -1;
    };
    const focused = ({ target }: FocusEvent) => {
      for (const each of items(box)) {
        if (each === target) each.dataset.stop = 'here';
        else delete each.dataset.stop;
      }
      settle();
    };
    settle();
    const watch = new MutationObserver(settle);
    watch.observe(box, { childList: true, subtree: true, attributeFilter: ['disabled', 'aria-current'] });
    box.addEventListener('focusin', focused);
    return () => {
      watch.disconnect();
      box.removeEventListener('focusin', focused);
    };
  }, []);
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
    const step = steps[event.key];
    const all = items(event.currentTarget);
    const at = all.indexOf(event.target as HTMLElement);
    // A stage that is being taken to another place keeps the arrows, and so does a list that is open.
    if (!step || at < 0 || (event.target as HTMLElement).matches('[aria-pressed=true], [role=combobox][aria-expanded=true]')) return;
    event.preventDefault();
    all[step(at, all.length)]?.focus();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrow keys between what is in it, which is pressed by itself
    <div ref={ref} data-row="" {...row} onKeyDown={onKeyDown}>
      {children}
    </div>
  );
}

const items = (box: HTMLElement): HTMLElement[] => [...box.querySelectorAll<HTMLElement>(pressable)];
