import type { Field as FieldOf } from '@hobrek/core';
import { memo } from 'react';
import { Choice } from './choice-field.js';
import { Field, type FieldShown } from './field.js';

interface Entered extends Omit<FieldShown, 'field'> {
  readonly field: FieldOf;
}

/** The editor of a field, whatever type it is of. */
export const Entry = memo(function Entry({ field, stock, empty, ...entry }: Entered) {
  return field.is === 'choice' ? <Choice field={field} {...entry} /> : <Field field={field} stock={stock} empty={empty} {...entry} />;
});
