import type { TextField } from '@hobrek/core';
import { memo, useId } from 'react';
import { useAsTyped } from './as-typed.js';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { FieldLabel } from './field-label.js';
import { focusNext } from './focus-field.js';
import { opensHelp } from './help-mark.js';
import { useOpen } from './here.js';

/** Words as they were written. */
export const TextEntry = memo(function TextEntry({ path, field, input, where, turn }: EntryShown<TextField>) {
  const open = useOpen();
  const { fieldEntered, fieldLeft, fieldRestored, typed } = open;
  const id = useId();
  const [shown, setAsTyped] = useAsTyped(input?.draft ?? input?.text ?? '');
  return (
    <div>
      <FieldLabel id={id} field={field} where={where} turn={turn} />
      <input
        id={id}
        data-path={path}
        value={shown}
        maxLength={field.longest}
        placeholder="not known"
        aria-describedby={`${id}-help`}
        onFocus={() => fieldEntered(path)}
        onBlur={() => {
          setAsTyped(null);
          fieldLeft();
        }}
        onChange={(event) => {
          setAsTyped(event.target.value);
          typed(path, event.target.value);
        }}
        onKeyDown={(event) => {
          if (opensHelp(event, id)) return;
          if (event.key === 'Escape') fieldRestored(path);
          if (event.key !== 'Enter') return;
          event.preventDefault();
          fieldLeft();
          focusNext(open, path);
        }}
        className="w-full border-b-[1.5px] border-ink bg-transparent py-0.5 text-lg font-semibold outline-none placeholder:font-normal placeholder:text-soft focus:border-blue focus:bg-wash"
      />
      <Contested path={path} />
    </div>
  );
});
