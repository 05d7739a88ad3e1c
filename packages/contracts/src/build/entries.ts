import {
  type ChoiceField,
  type Field,
  type Fields,
  type Input,
  knownBy,
  longestText,
  type PartField,
  type QuantityField,
  type TableField,
  type TextField,
  unitOf,
  type YesNoField,
} from '@hobrek/core';
import { plainToInstance } from 'class-transformer';
import {
  Equals,
  IsIn,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  registerDecorator,
  type ValidationArguments,
  validateSync,
} from 'class-validator';
import { type Class, given, nested, nestedList } from '../decorators.js';
import { limits, slug } from './limits.js';

const finite = IsNumber({ allowNaN: false, allowInfinity: false });

/** `low` and `high` come together, one on each side of `value`. */
const standsAround: PropertyDecorator = (target, propertyName) =>
  registerDecorator({
    name: 'standsAround',
    target: target.constructor,
    propertyName: propertyName as string,
    validator: {
      validate(_: unknown, args?: ValidationArguments) {
        const { low, value, high } = (args?.object ?? {}) as Partial<Input>;
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
  const on = (name: keyof Input, ...decorators: PropertyDecorator[]) => {
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

/** A contract class for one of a few: its text is one of the options, or empty while there is only a draft. */
function oneOfClass({ options }: ChoiceField | YesNoField): Class {
  class OneOfContract {}
  written(OneOfContract, IsIn(['', ...Object.keys(options)]));
  return OneOfContract;
}

function textClass({ longest }: TextField): Class {
  class TextContract {}
  written(TextContract, IsString(), MaxLength(longest));
  return TextContract;
}

/** What every entry has that is no quantity. */
function written({ prototype }: Class, ...text: PropertyDecorator[]): void {
  const on = (name: keyof Input, ...decorators: PropertyDecorator[]) => {
    for (const decorate of decorators) decorate(prototype, name);
  };
  on('text', ...text);
  on('how', IsIn([...knownBy]));
  on('note', given(), IsString(), MaxLength(limits.note));
  on('draft', given(), IsString(), MaxLength(longestText));
}

/** Rows of cells, each an entry of its column; the table's own text is empty. */
function tableClass({ columns }: TableField): Class {
  class TableContract {}
  written(TableContract, Equals(''));
  given()(TableContract.prototype, 'rows');
  nestedList(withInputsClass(columns), limits.rows)(TableContract.prototype, 'rows');
  return TableContract;
}

/** What a part is called, and the sizes that were taken of it. */
function partClass({ sizes }: PartField): Class {
  class PartContract {}
  written(PartContract, IsString(), MaxLength(longestText));
  given()(PartContract.prototype, 'part');
  nested(withInputsClass(sizes))(PartContract.prototype, 'part');
  return PartContract;
}

/** An id with entries: a row, or what was taken of a part. */
function withInputsClass(fields: Fields): Class {
  class WithInputsContract {}
  Matches(slug)(WithInputsContract.prototype, 'id');
  nested(inputsClass({ fields }))(WithInputsContract.prototype, 'inputs');
  return WithInputsContract;
}

const inputsClasses = new WeakMap<Fields, Class>();

/** Entries as a class: one property per field, each of which may be left out. The same for the same fields. */
export function inputsClass({ fields }: { readonly fields: Fields }): Class {
  const known = inputsClasses.get(fields);
  if (known) return known;
  class InputsContract {}
  for (const [name, field] of Object.entries(fields)) {
    given()(InputsContract.prototype, name);
    nested(entryClass(field))(InputsContract.prototype, name);
  }
  inputsClasses.set(fields, InputsContract);
  return InputsContract;
}

/** An entry whose field is told by where it is: shape only. */
const AnyEntryContract = quantityInputClass();

/** Element and field: `source/speed`. */
export const settable = /^[a-z][a-z0-9-]{0,39}\/[a-zA-Z][a-zA-Z0-9]{0,39}$/;

/** What a setting changes, by element and field: shape only; which fields there are, and what each takes, is judged with the line at hand. */
export const anyInputs: PropertyDecorator = (target, propertyName) =>
  registerDecorator({
    name: 'anyInputs',
    target: target.constructor,
    propertyName: propertyName as string,
    validator: {
      validate: (inputs: unknown) => typeof inputs === 'object' && inputs !== null && !Array.isArray(inputs) && Object.entries(inputs).every(isSet),
      defaultMessage: () => 'must be entries by element and field, such as source/speed',
    },
  });

const isSet = ([at, input]: [string, unknown]): boolean => settable.test(at) && complaintsOfEntry(AnyEntryContract, input) === 0;

/** How much is wrong with an entry. */
const complaintsOfEntry = (of: Class, input: unknown): number =>
  typeof input === 'object' && input !== null && !Array.isArray(input)
    ? validateSync(plainToInstance(of, input), { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }).length
    : 1;

/** Whether an entry is one of a field. */
export const isEntryOf = (field: Field, input: unknown): boolean => complaintsOfEntry(entryClass(field), input) === 0;

/** The contract of an entry, by the type of its field. */
const classes: { readonly [T in Field['is']]: (field: Extract<Field, { readonly is: T }>) => Class } = {
  quantity: quantityInputClass,
  choice: oneOfClass,
  'yes-no': oneOfClass,
  text: textClass,
  table: tableClass,
  part: partClass,
};

/** What a contract hangs on: fields that take the same have one contract. A table’s, or a part’s, is its own. */
const takes: { readonly [T in Field['is']]?: (field: Extract<Field, { readonly is: T }>) => unknown } = {
  quantity: (field) => [field.accepts, unitOf(field)],
  choice: ({ options }) => Object.keys(options),
  'yes-no': ({ options }) => Object.keys(options),
  text: ({ longest }) => longest,
};

const ofField = new WeakMap<Field, Class>();
const ofTaken = new Map<string, Class>();

/** Contracts are a thousand classes; most fields take what another does. */
function entryClass(field: Field): Class {
  const known = ofField.get(field);
  if (known) return known;
  const takenBy = takes[field.is] as ((field: Field) => unknown) | undefined;
  const key = takenBy && JSON.stringify([field.is, takenBy(field)]);
  const made = (key && ofTaken.get(key)) || (classes[field.is] as (field: Field) => Class)(field);
  if (key) ofTaken.set(key, made);
  ofField.set(field, made);
  return made;
}
