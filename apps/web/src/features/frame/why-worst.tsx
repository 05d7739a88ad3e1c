import { useHotkeys } from 'react-hotkeys-hook';
import { Held } from '../../open-build/check-why.js';
import { onPage } from '../../open-build/focus-field.js';
import { useOpen } from '../../open-build/here.js';
import { useEvaluated } from '../../open-build/in-sight.js';
import { AskWhy } from '../../open-build/why-here.js';
import { usePreferences } from '../../shared/preferences.js';

/** Why: of the figure that has the focus, else of the worst check of the line. */
export function WhyWorst({ hasKey = false }: { hasKey?: boolean }) {
  const open = useOpen();
  const letters = usePreferences((preferences) => preferences.letters);
  const worst = useEvaluated((line) => line.ledger[0]?.id);
  useHotkeys(
    '?',
    (event) => {
      event.preventDefault();
      const figure = document.activeElement;
      if (figure instanceof HTMLElement && figure.matches('[aria-haspopup=dialog].cursor-help')) figure.click();
      else onPage(open, '[data-why-worst]')[0]?.click();
    },
    { enabled: letters && hasKey, useKey: true },
    [worst],
  );
  if (!worst) return null;
  return (
    <AskWhy
      data-why-worst={hasKey || undefined}
      answer={<Held id={worst} />}
      aria-label="Why? The worst check"
      className="font-semibold text-ink no-underline"
    >
      Why? {letters && hasKey && <kbd className="border border-hair px-1 font-text font-normal">?</kbd>}
    </AskWhy>
  );
}
