import type { FieldPath } from '../../figure/figure.js';
import type { Field } from '../../kinds/fields.js';
import type { Reading, ReadingSettings } from '../../quantity/read-quantity.js';
import type { QuantityInput } from '../build.js';

export interface Entered {
  /** What the build keeps: undefined takes the entry out. */
  readonly input: QuantityInput | undefined;
  readonly reading: Reading | 'not-known' | 'chosen';
}

/** What a file's entry is, made ready to be worked with. */
export interface SettledEntry {
  /** What the build keeps in its place; the same where nothing is changed. */
  readonly input: QuantityInput | undefined;
  /** Said to the person: it is read differently today, or kept without being worked with. */
  readonly notice?: string;
  /** Why it cannot be worked with at all. */
  readonly refused?: string;
}

/** All that is done with a field by its type, in one place: whoever has a field needs not know of which type it is. */
export interface FieldType<F extends Field> {
  /**
   * What a build keeps after a text was typed, which is not empty and no question mark.
   * @param before what was there before the field was visited
   */
  enter(field: F, text: string, before: QuantityInput | undefined, settings: ReadingSettings): Entered;
  /** Whether such a text is an entry of it. */
  takes(field: F, text: string, settings: ReadingSettings): boolean;
  /** An entry's text in words, as it is told in the log, on paper and in a summary. */
  words(field: F, text: string): string;
  /** Whether something is entered that is worked with. */
  isEntered(input: QuantityInput | undefined): boolean;
  /** Whether an entry of another field can be one of this. */
  fits(field: F, from: Field | undefined, text: string): boolean;
  /** What a kind works with: entered, usual, or not known and naming itself. */
  figure(field: F, input: QuantityInput | undefined, path: FieldPath): unknown;
  /** An entry of a file that may have been written by hand, or by an older program. */
  settle(field: F, input: QuantityInput): SettledEntry;
}
