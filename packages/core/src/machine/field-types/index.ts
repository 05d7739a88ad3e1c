import type { Field } from '../../kinds/fields.js';
import type { Input } from '../build.js';
import { choiceType, yesNoType } from './choice.js';
import type { FieldType, Takes } from './field-type.js';
import { partType } from './part.js';
import { quantityType } from './quantity.js';
import { tableType } from './table.js';
import { textType } from './text.js';

/** What is done with a field, by its type. */
export const typeOf = (field: Field): FieldType<Field> => types[field.is] as FieldType<Field>;

/** Every type of field there is: a new one is a folder member here, and needs no line elsewhere in core. */
const types: { readonly [T in Field['is']]: FieldType<Extract<Field, { readonly is: T }>> } = {
  quantity: quantityType,
  choice: choiceType,
  'yes-no': yesNoType,
  text: textType,
  table: tableType(typeOf),
  part: partType(typeOf),
};

/** An entry in words, as it is told in the log, on paper and in a summary: an option by what it is called. Empty where nothing is read. */
export const fieldWords = (field: Field, input: Input | undefined): string => (input ? typeOf(field).words(field, input) : '');

/** What a field takes, for the reference and the command line. */
export const fieldTakes = (field: Field): Takes => typeOf(field).takes(field);

export type { Entered } from './field-type.js';
export { notKnown } from './not-known.js';
