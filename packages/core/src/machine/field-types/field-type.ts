import type { FieldPath } from '../../figure/figure.js';
import type { Field } from '../../kinds/fields.js';
import type { Reading, ReadingSettings } from '../../quantity/read-quantity.js';
import type { Input } from '../build.js';

export interface Entered {
  /** What the build keeps: undefined takes the entry out. */
  readonly input: Input | undefined;
  readonly reading: Reading | 'not-known' | 'chosen';
}

/** What a file's entry is, made ready to be worked with. */
export interface SettledEntry {
  /** What the build keeps in its place; the same where nothing is changed. */
  readonly input: Input | undefined;
  /** Said to the person: it is read differently today, or kept without being worked with. */
  readonly notices?: readonly string[];
  /** Why it cannot be worked with at all; of a table, in which cell. */
  readonly refused?: readonly { readonly at?: string; readonly says: string }[];
}

/** All that is done with a field by its type, in one place: whoever has a field needs not know of which type it is. */
export interface FieldType<F extends Field> {
  /**
   * What a build keeps after a text was typed, which is not empty and no question mark.
   * @param before what was there before the field was visited
   */
  enter(field: F, text: string, before: Input | undefined, settings: ReadingSettings): Entered;
  /** An entry in words, as it is told in the log, on paper and in a summary; empty where nothing is worked with. A draft is told apart. */
  words(field: F, input: Input): string;
  /** What changed from one entry to another, each in words that go behind the field's name; nothing where they are the same. */
  changes(field: F, was: Input | undefined, is: Input | undefined): string[];
  /** Whether something is entered that is worked with. */
  isEntered(input: Input | undefined): boolean;
  /** Whether an entry of another field can be one of this. */
  fits(field: F, from: Field | undefined, input: Input): boolean;
  /** What a kind works with: entered, usual, or not known and naming itself. */
  figure(field: F, input: Input | undefined, path: FieldPath): unknown;
  /** An entry of a file that may have been written by hand, or by an older program. */
  settle(field: F, input: Input): SettledEntry;
  /** All it can be, where that is a few things; null where it is not. */
  options(field: F): Readonly<Record<string, string>> | null;
  /** What it takes, for the reference and the command line. */
  takes(field: F): Takes;
}

export interface Takes {
  /** In which units or as what: `mm, cm, m, in, ft`, `one of`. */
  readonly as: string;
  /** From what to what, or which. */
  readonly range: string;
  /** What is taken where nothing is entered, with its source; empty where nothing is. */
  readonly usual: string;
}
