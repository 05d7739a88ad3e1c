import type { Field } from '../../kinds/fields.js';
import { choiceType } from './choice.js';
import type { FieldType } from './field-type.js';
import { quantityType } from './quantity.js';

/** Every type of field there is: a new one is a folder member here, and needs no line elsewhere in core. */
const types: { readonly [T in Field['is']]: FieldType<Extract<Field, { readonly is: T }>> } = {
  quantity: quantityType,
  choice: choiceType,
};

/** What is done with a field, by its type. */
export const typeOf = (field: Field): FieldType<Field> => types[field.is] as FieldType<Field>;

/** An entry in words, as it is told in the log, on paper and in a summary: an option by what it is called. */
export const fieldWords = (field: Field, text: string): string => typeOf(field).words(field, text);

export type { Entered } from './field-type.js';
export { notKnown } from './not-known.js';
