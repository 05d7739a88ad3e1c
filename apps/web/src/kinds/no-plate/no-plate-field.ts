import { type Field, kindHead } from '@hobrek/core';

/** A field of a motor without a plate. @throws Error when there is none of that name */
export function noPlateField(name: string): Field {
  const field = kindHead('source', 'no-plate')?.fields[name];
  if (!field) throw new Error(`A motor without a plate has no field ${name}`);
  return field;
}
