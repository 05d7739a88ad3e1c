import { type ChoiceField, type Field, unitOf } from '../kinds/fields.js';
import { listed } from '../quantity/listed.js';
import { type Reading, type ReadingSettings, readQuantity } from '../quantity/read-quantity.js';
import type { QuantityInput } from './build.js';

export interface Entered {
  /** What the build keeps: undefined takes the entry out. */
  readonly input: QuantityInput | undefined;
  readonly reading: Reading | 'not-known' | 'chosen';
}

/** Written to say that a field is not known, as an empty one does. */
export const notKnown = '?';

/**
 * What a build keeps after a text was typed into a field. A text that reads replaces the entry; one that does not is kept as a draft beside the
 * last good entry, so that nothing typed is lost and the figures stay; nothing, or a question mark, says that it is not known and takes the entry out.
 * A range is a guess unless the entry was already said to be known in another way.
 * @param before what stood there before the field was visited: it is what counts again as soon as the text cannot be read, never what a part of it meant
 */
export function enter(field: Field, text: string, before: QuantityInput | undefined, settings: ReadingSettings = {}): Entered {
  if (text.trim() === '' || text.trim() === notKnown) return { input: undefined, reading: 'not-known' };
  if (field.is === 'choice') return enterChoice(field, text, before);
  const reading = readQuantity(text, field, settings);
  const note = before?.note === undefined ? {} : { note: before.note };
  if (!reading.ok) {
    const good = before?.value === undefined ? { text: '', how: field.how } : before;
    return { input: { ...good, ...note, draft: text.slice(0, 80) }, reading };
  }
  const { value, low, high } = reading;
  const how = low === undefined ? field.how : 'guessed';
  return {
    input: { text: text.trim(), value, unit: unitOf(field), how, ...(low === undefined || high === undefined ? {} : { low, high }), ...note },
    reading,
  };
}

/** The same as somebody's choice: not measured, and not on any plate. A half-typed text stays what it is. */
export function choose(field: Field, text: string, before: QuantityInput | undefined): QuantityInput | undefined {
  const { input } = enter(field, text, before);
  return input && input.draft === undefined ? { ...input, how: 'chosen' } : input;
}

/** An option by its name or by the words it is shown by; anything else is no choice, and what was chosen stays. */
function enterChoice({ options, label, how }: ChoiceField, text: string, before: QuantityInput | undefined): Entered {
  const written = text.trim().toLowerCase();
  const found = Object.entries(options).find(([option, words]) => option.toLowerCase() === written || words.toLowerCase() === written);
  if (found) return { input: { text: found[0], how }, reading: 'chosen' };
  const says = `${label} is none of ${listed(Object.values(options), 'or')}: “${text.trim()}”`;
  return { input: { ...(before ?? { text: '', how }), draft: text.slice(0, 80) }, reading: { ok: false, code: 'no-number', says } };
}
