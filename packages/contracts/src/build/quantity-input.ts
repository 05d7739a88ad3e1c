import { type ChoiceField, type Field, type KnownBy, knownBy, longestText, type QuantityField, type Unit, unitOf } from '@hobrek/core';
import { Equals, IsIn, IsNumber, IsString, Max, MaxLength, Min, registerDecorator, type ValidationArguments } from 'class-validator';
import { type Class, given } from '../decorators.js';
import { limits } from './limits.js';

interface Entry {
  text: string;
  value?: number;
  unit?: Unit;
  how: KnownBy;
  low?: number;
  high?: number;
  note?: string;
  draft?: string;
}

const finite = IsNumber({ allowNaN: false, allowInfinity: false });

/** `low` and `high` come together, one on each side of `value`. */
const standsAround: PropertyDecorator = (target, propertyName) =>
  registerDecorator({
    name: 'standsAround',
    target: target.constructor,
    propertyName: propertyName as string,
    validator: {
      validate(_: unknown, args?: ValidationArguments) {
        const { low, value, high } = (args?.object ?? {}) as Partial<Entry>;
        return low !== undefined && value !== undefined && high !== undefined && low <= value && value <= high;
      },
      defaultMessage: () => 'low, value and high must come together, in that order',
    },
  });

/**
 * A contract class for one entered quantity. With a field it takes only that field's own unit and values that are not absurd.
 * Each class carries all its decorators itself: an inherited one is silently dropped where the subclass decorates the same property.
 */
function quantityInputClass(field?: QuantityField): Class {
  class EntryContract {}
  const on = (name: keyof Entry, ...decorators: PropertyDecorator[]) => {
    for (const decorate of decorators) decorate(EntryContract.prototype, name);
  };
  const bounds = field ? [Min(field.accepts[0]), Max(field.accepts[1])] : [];
  on('text', IsString(), MaxLength(longestText));
  on('value', given(), finite, ...bounds);
  on('unit', given(), IsString(), ...(field ? [Equals(unitOf(field))] : [MaxLength(limits.unit)]));
  on('how', IsIn([...knownBy]));
  on('low', given(), finite, standsAround, ...bounds);
  on('high', given(), finite, standsAround, ...bounds);
  on('note', given(), IsString(), MaxLength(limits.note));
  on('draft', given(), IsString(), MaxLength(longestText));
  return EntryContract;
}

/** A contract class for a choice: its text is one of the options, or empty while there is only a draft. */
function choiceInputClass({ options }: ChoiceField): Class {
  class ChoiceContract {}
  const on = (name: keyof Entry, ...decorators: PropertyDecorator[]) => {
    for (const decorate of decorators) decorate(ChoiceContract.prototype, name);
  };
  on('text', IsIn(['', ...Object.keys(options)]));
  on('how', IsIn([...knownBy]));
  on('note', given(), IsString(), MaxLength(limits.note));
  on('draft', given(), IsString(), MaxLength(longestText));
  return ChoiceContract;
}

/** An entry of a part of the build that is kept but not yet worked out: shape only. */
export const AnyEntryContract = quantityInputClass();

/** The contract of an entry, by the type of its field. */
const classes: { readonly [T in Field['is']]: (field: Extract<Field, { readonly is: T }>) => Class } = {
  quantity: quantityInputClass,
  choice: choiceInputClass,
};

export const entryClass = (field: Field): Class => (classes[field.is] as (field: Field) => Class)(field);
