import type { Field } from '@hobrek/core';
import { HowDrawn } from './how-drawn.js';
import { AskWhy } from './why-here.js';
import { WithTerms } from './with-terms.js';

interface Helped {
  /** Of the field that it is beside. */
  readonly id: string;
  readonly field: Field;
}

/**
 * What a field is and where it is measured, opened by a press on the mark at its label, or by F1 in the field; who cannot see it hears it with the field.
 * No stop of Tab of its own: there would be twice as many.
 */
export function HelpMark({ id, field: { label, help, measure } }: Helped) {
  if (!help && !measure) return null;
  return (
    <>
      <AskWhy
        data-help={id}
        tabIndex={-1}
        called="help"
        className="min-w-6 shrink-0 self-center text-center text-sm text-soft no-underline hover:text-ink pointer-coarse:min-h-11 pointer-coarse:min-w-11"
        answer={
          <>
            <h2 className="font-head text-lg tracking-wide text-blue uppercase">{label}</h2>
            {help && (
              <p>
                <WithTerms text={help} />
              </p>
            )}
            {measure && (
              <p className="mt-1">
                <span className="text-soft">Where: </span>
                {measure}
              </p>
            )}
            <HowDrawn measure={measure} />
          </>
        }
      >
        <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true" className="inline">
          <circle cx="7" cy="7" r="6" fill="none" stroke="currentColor" />
          <path d="M7 6v4.5M7 3.2v1.4" stroke="currentColor" strokeWidth="1.6" />
        </svg>
        <span className="sr-only">{label}: what it is, where to measure</span>
      </AskWhy>
      <span id={`${id}-help`} className="sr-only">
        {`${help} ${measure}`.trim()}
      </span>
    </>
  );
}

/** F1 in a field presses its mark. */
export function opensHelp(event: { readonly key: string; preventDefault(): void }, id: string): boolean {
  if (event.key !== 'F1') return false;
  event.preventDefault();
  document.querySelector<HTMLElement>(`[data-help="${CSS.escape(id)}"]`)?.click();
  return true;
}
