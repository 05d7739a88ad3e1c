import type { YesNoField } from '@hobrek/core';
import { memo, useId } from 'react';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { FieldLabel } from './field-label.js';
import { opensHelp } from './help-mark.js';
import { useOpen } from './here.js';

const answers = [
  ['yes', 'yes'],
  ['no', 'no'],
  ['', 'not known'],
] as const;

/** Yes, no, or not known, each in one press. */
export const YesNo = memo(function YesNo({ path, field, input, where, turn }: EntryShown<YesNoField>) {
  const { typed, fieldLeft } = useOpen();
  const id = useId();
  const is = input?.text ?? '';
  const answer = field.options[(is || field.usual) as keyof YesNoField['options']] ?? '';
  const words = is ? (answer === is ? '' : answer) : field.usual ? `usually ${answer}` : '';
  return (
    <div>
      <FieldLabel id={id} field={field} where={where} turn={turn} />
      <div
        id={id}
        role="radiogroup"
        aria-label={field.label}
        aria-describedby={`${id}-said ${id}-help`}
        className={`flex border-b-[1.5px] py-1 ${is ? 'border-ink' : 'border-hair'}`}
      >
        {answers.map(([value, says]) => (
          <label
            key={value}
            className={`inline-flex cursor-pointer items-center border border-hair px-2 focus-within:outline-2 focus-within:outline-blue pointer-coarse:min-h-11 ${is === value ? 'bg-wash font-semibold text-ink' : 'text-soft'}`}
          >
            <input
              type="radio"
              name={id}
              className="sr-only"
              data-path={is === value ? path : undefined}
              checked={is === value}
              onKeyDown={(event) => opensHelp(event, id)}
              onChange={() => {
                typed(path, value);
                fieldLeft();
              }}
            />
            {says}
          </label>
        ))}
      </div>
      <p id={`${id}-said`} className="text-sm text-soft">
        {words}
      </p>
      <Contested path={path} />
      {input?.draft !== undefined && (
        <p className="text-sm text-fails-word">
          “{input.draft}” is neither yes nor no; {is ? 'what was answered stays' : 'nothing is answered'}.
        </p>
      )}
    </div>
  );
});
