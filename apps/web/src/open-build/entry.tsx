import type { Field as FieldOf, QuantityInput, StockWheel } from '@hobrek/core';
import { memo } from 'react';
import { Choice } from './choice-field.js';
import { Field } from './field.js';

interface Entered {
  readonly path: string;
  readonly field: FieldOf;
  readonly input: QuantityInput | undefined;
  /** Sizes on the shelf, for the field that sizes a wheel. */
  readonly stock?: StockWheel | undefined;
  /** What is taken while nothing is entered, where that is said, and where it is measured, in a few words. */
  readonly taken?: string | undefined;
  readonly where?: string | undefined;
  /** Said in an empty field. */
  readonly empty?: string | undefined;
}

/** The editor of a field, whatever type it is of. */
export const Entry = memo(function Entry({ field, stock, empty, ...entry }: Entered) {
  return field.is === 'choice' ? <Choice field={field} {...entry} /> : <Field field={field} stock={stock} empty={empty} {...entry} />;
});
