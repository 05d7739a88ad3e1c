import type { CellField, Columns } from '../../kinds/fields.js';
import type { Inputs } from '../build.js';
import { same } from '../same.js';
import type { FieldType } from './field-type.js';

/** What is done with a cell, by its type. Handed down: a table is one of the types itself. */
export type TypeOf = (field: CellField) => FieldType<CellField>;

/** What is entered in several cells, in words: `920 W, green branch`. */
export const cellWords = (typeOf: TypeOf, columns: Columns, inputs: Inputs): string =>
  Object.entries(columns)
    .flatMap(([name, field]) => (inputs[name] ? [typeOf(field).words(field, inputs[name])] : []))
    .filter(Boolean)
    .join(', ');

/** Each cell as what a kind works with. @param path of the row, or of what the cells are in */
export const cellFigures = (typeOf: TypeOf, columns: Columns, inputs: Inputs, path: string): Readonly<Record<string, unknown>> =>
  Object.fromEntries(Object.entries(columns).map(([name, field]) => [name, typeOf(field).figure(field, inputs[name], `${path}/${name}`)]));

interface SettledCells {
  /** The same object where nothing was changed. */
  readonly inputs: Inputs;
  readonly notices: readonly string[];
  readonly refused: readonly { readonly at: string; readonly says: string }[];
}

/** Entries of a file, each made ready to be worked with. */
export function settleCells(typeOf: TypeOf, columns: Columns, inputs: Inputs): SettledCells {
  const notices: string[] = [];
  const refused: { at: string; says: string }[] = [];
  let settled = inputs;
  for (const [name, field] of Object.entries(columns)) {
    const input = inputs[name];
    if (!input) continue;
    const entry = typeOf(field).settle(field, input);
    if (entry.input !== input) {
      const { [name]: _old, ...others } = settled;
      settled = entry.input ? { ...others, [name]: entry.input } : others;
    }
    notices.push(...(entry.notices ?? []));
    refused.push(...(entry.refused ?? []).map(({ says }) => ({ at: name, says })));
  }
  return { inputs: settled, notices, refused };
}

/** Of cells that both have, what changed in each. @param called what their labels go behind: `Readings, reading 2: ` */
export const cellChanges = (typeOf: TypeOf, columns: Columns, was: Inputs, is: Inputs, called: string): string[] =>
  Object.entries(columns).flatMap(([name, field]) => {
    if (same(was[name], is[name])) return [];
    const named = { ...field, label: called + field.label.toLowerCase() };
    return typeOf(named).changes(named, was[name], is[name]);
  });

/** What several fields take, in a line: `Drawn from the wall (0.1 W to 1 MW), At what (text, at most 60 letters)`. */
export const cellsTake = (typeOf: TypeOf, columns: Columns): string =>
  Object.values(columns)
    .map((field) => {
      const { as, range } = typeOf(field).takes(field);
      return `${field.label} (${field.is === 'quantity' ? range : `${as}, ${range}`})`;
    })
    .join(', ');
