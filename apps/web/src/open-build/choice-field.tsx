import type { ChoiceField } from '@hobrek/core';
import { memo, useId } from 'react';
import { Select } from '../shared/select.js';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { FieldLabel } from './field-label.js';
import { opensHelp } from './help-mark.js';
import { useOpen } from './here.js';

/** One of a few, or not known. */
export const Choice = memo(function Choice({ path, field, input, taken, where, turn }: EntryShown<ChoiceField>) {
  const { typed, fieldLeft } = useOpen();
  const id = useId();
  const option = taken ?? field.usual;
  const usual = option === undefined ? 'not known' : `usually ${field.options[option]}`;
  return (
    <div>
      <FieldLabel id={id} field={field} where={where} turn={turn} />
      <Select
        id={id}
        aria-describedby={`${id}-help`}
        onKeyDownCapture={(event) => opensHelp(event, id)}
        data-path={path}
        value={input?.text ?? ''}
        options={[['', usual], ...Object.entries(field.options)]}
        change={(chosen) => {
          typed(path, chosen);
          fieldLeft();
        }}
        className={`w-full border-b-[1.5px] ${taken !== undefined && !input?.text ? 'border-dashed border-brass' : 'border-ink'} bg-transparent py-1 text-base focus:border-blue focus:bg-wash ${input?.text ? 'font-semibold' : 'text-soft'}`}
      />
      <Contested path={path} />
      {input?.draft !== undefined && (
        <p className="text-sm text-fails-word">
          “{input.draft}” is none of these; {input.text ? 'what was chosen stays' : 'nothing is chosen'}.
        </p>
      )}
    </div>
  );
});
