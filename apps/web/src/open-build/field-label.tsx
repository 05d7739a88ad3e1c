import type { Field } from '@hobrek/core';
import { HelpMark } from './help-mark.js';

interface Labelled {
  /** Of what the label is for. */
  readonly id: string;
  readonly field: Field;
  /** Where it is measured, in a few words beside the label. */
  readonly where?: string | undefined;
  /** Its place among the fields that a check waits for: a number before the label. */
  readonly turn?: number | undefined;
}

/** What a field is called, with the mark that opens its help. */
export function FieldLabel({ id, field, where, turn }: Labelled) {
  return (
    <div className="flex items-baseline pointer-coarse:mb-2 pointer-coarse:items-center">
      {turn !== undefined && (
        <span
          aria-hidden="true"
          className="mr-1 inline-block min-w-5 rounded-full border border-brass px-1 text-center text-xs leading-4 font-semibold text-ink"
        >
          {turn}
        </span>
      )}
      <label htmlFor={id} className="block text-sm text-soft">
        {where === undefined ? (
          field.label
        ) : (
          <>
            <b className="font-semibold text-ink">{field.label}</b> {where}
          </>
        )}
      </label>
      <HelpMark id={id} field={field} />
    </div>
  );
}
