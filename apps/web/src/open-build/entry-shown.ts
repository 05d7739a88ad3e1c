import type { Field, Input } from '@hobrek/core';

/** What the editor of a field is given, whatever type the field is of. */
export interface EntryShown<F extends Field> {
  readonly path: string;
  readonly field: F;
  readonly input: Input | undefined;
  /** What is taken while nothing is entered, where that is said. */
  readonly taken?: string | undefined;
  /** Where it is measured, in a few words. */
  readonly where?: string | undefined;
  /** Of what a check waits for, which comes when. */
  readonly turn?: number | undefined;
}
