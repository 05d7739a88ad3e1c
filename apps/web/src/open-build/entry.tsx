import type { Field as FieldOf } from '@hobrek/core';
import { memo, type ReactNode } from 'react';
import { Choice } from './choice-field.js';
import { Field, type FieldShown } from './field.js';
import { Part } from './part-field.js';
import { Table } from './table-field.js';
import { TextEntry } from './text-field.js';
import { YesNo } from './yes-no-field.js';

interface Entered extends Omit<FieldShown, 'field'> {
  readonly field: FieldOf;
}

/** The editor of each type of field. */
const editors: {
  readonly [T in FieldOf['is']]: (entry: Omit<Entered, 'field'> & { readonly field: Extract<FieldOf, { readonly is: T }> }) => ReactNode;
} = {
  quantity: ({ field, ...entry }) => <Field field={field} {...entry} />,
  choice: ({ stock: _, empty: __, ...entry }) => <Choice {...entry} />,
  'yes-no': ({ stock: _, empty: __, ...entry }) => <YesNo {...entry} />,
  text: ({ stock: _, empty: __, ...entry }) => <TextEntry {...entry} />,
  table: ({ stock: _, empty: __, ...entry }) => <Table {...entry} />,
  part: ({ stock: _, empty: __, ...entry }) => <Part {...entry} />,
};

/** The editor of a field, whatever type it is of. */
export const Entry = memo(function Entry({ field, ...entry }: Entered) {
  const Editor = editors[field.is] as (shown: Entered) => ReactNode;
  return <Editor field={field} {...entry} />;
});
