import type { ChoiceField, QuantityInput } from '@hobrek/core';
import { memo, useId } from 'react';
import { fieldLeft, typed } from './open-build.js';

interface Entry {
  readonly path: string;
  readonly field: ChoiceField;
  readonly input: QuantityInput | undefined;
  /** The option that is taken while nothing is chosen, where that is said, and where to look, in a few words. */
  readonly taken?: string | undefined;
  readonly where?: string | undefined;
}

/** One of a few, or not known: the browser's own list, which every keyboard and every screen reader knows. */
export const Choice = memo(function Choice({ path, field, input, taken, where }: Entry) {
  const id = useId();
  const option = taken ?? field.usual;
  const usual = option === undefined ? 'not known' : `usually ${field.options[option]}`;
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-soft" title={`${field.help} ${field.measure}`}>
        {where === undefined ? (
          field.label
        ) : (
          <>
            <b className="font-semibold text-ink">{field.label}</b> {where}
          </>
        )}
      </label>
      <select
        id={id}
        data-path={path}
        value={input?.text ?? ''}
        onChange={(event) => {
          typed(path, event.target.value);
          fieldLeft();
        }}
        className={`w-full cursor-pointer overflow-hidden border-b-[1.5px] ${taken !== undefined && !input?.text ? 'border-dashed border-brass' : 'border-ink'} bg-transparent py-1 pr-5 text-base text-ellipsis outline-none focus:border-blue focus:bg-wash ${input?.text ? 'font-semibold' : 'text-soft'}`}
      >
        <option value="">{usual}</option>
        {Object.entries(field.options).map(([option, words]) => (
          <option key={option} value={option}>
            {words}
          </option>
        ))}
      </select>
      {input?.draft !== undefined && (
        <p className="text-sm text-fails-word">
          “{input.draft}” is none of these; {input.text ? 'what was chosen stays' : 'nothing is chosen'}.
        </p>
      )}
    </div>
  );
});
