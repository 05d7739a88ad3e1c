import type { Field } from '../kinds/fields.js';
import type { ReadingSettings } from '../quantity/read-quantity.js';
import type { Input } from './build.js';
import { type Entered, notKnown, typeOf } from './field-types/index.js';

/**
 * What a build keeps after a text was typed into a field. A text that reads replaces the entry; one that does not is kept as a draft beside the
 * last good entry, so that nothing typed is lost and the figures stay; nothing, or a question mark, says that it is not known and takes the entry out.
 * A range is a guess unless the entry was already said to be known in another way.
 * @param before what stood there before the field was visited: it is what counts again as soon as the text cannot be read, never what a part of it meant
 */
export function enter(field: Field, text: string, before: Input | undefined, settings: ReadingSettings = {}): Entered {
  if (text.trim() === '' || text.trim() === notKnown) return { input: undefined, reading: 'not-known' };
  return typeOf(field).enter(field, text, before, settings);
}

/** The same as somebody's choice: not measured, and not on any plate. A half-typed text stays what it is. */
export function choose(field: Field, text: string, before: Input | undefined): Input | undefined {
  const { input } = enter(field, text, before);
  return input && input.draft === undefined ? { ...input, how: 'chosen' } : input;
}
