import { cellsOf, fieldWords, type PartField } from '@hobrek/core';
import { memo, useId } from 'react';
import { Contested } from './contested.js';
import type { EntryShown } from './entry-shown.js';
import { FieldLabel } from './field-label.js';
import { useOpen } from './here.js';

/** A part of the shelf: what it is called, and the sizes that were taken of it; they are the build's own, and stay when the shelf changes. */
export const Part = memo(function Part({ path, field, input, where, turn }: EntryShown<PartField>) {
  const { typed, fieldLeft } = useOpen();
  const id = useId();
  const sizes = cellsOf({ path, field, input }).flatMap((size) => {
    const words = fieldWords(size.field, size.input);
    return words ? [{ ...size, words }] : [];
  });
  return (
    <div>
      <FieldLabel id={id} field={field} where={where} turn={turn} />
      <div className="flex items-baseline gap-3 border-b-[1.5px] border-hair py-0.5">
        <output id={id} data-path={path} tabIndex={-1} className={`grow text-lg ${input?.part ? 'font-semibold' : 'text-soft'}`}>
          {input?.part ? input.text : 'none taken'}
        </output>
        {input && (
          <button
            type="button"
            className="cursor-pointer text-sm text-blue hover:underline"
            onClick={() => {
              typed(path, '');
              fieldLeft();
            }}
          >
            put back
          </button>
        )}
      </div>
      {sizes.length > 0 && (
        <dl aria-label="sizes as they were taken" className="flex flex-wrap gap-x-4 text-sm">
          {sizes.map((size) => (
            <div key={size.path} className="flex gap-1">
              <dt className="text-soft">{size.field.label}</dt>
              <dd>{size.words}</dd>
            </div>
          ))}
        </dl>
      )}
      <Contested path={path} />
      {input?.draft !== undefined && <p className="text-sm text-fails-word">“{input.draft}” is not on the shelf.</p>}
    </div>
  );
});
