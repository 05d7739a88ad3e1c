import type { ChoiceField } from '../../kinds/fields.js';
import { listed } from '../../quantity/listed.js';
import { longestText } from '../../quantity/read-quantity.js';
import type { FieldType } from './field-type.js';

/** One of a few: its text is the option itself. */
export const choiceType: FieldType<ChoiceField> = {
  /** An option by its name or by the words it is shown by; anything else is no choice, and what was chosen stays. */
  enter: ({ options, label, how }, text, before) => {
    const written = text.trim().toLowerCase();
    const found = Object.entries(options).find(([option, words]) => option.toLowerCase() === written || words.toLowerCase() === written);
    if (found) return { input: { text: found[0], how }, reading: 'chosen' };
    const says = `${label} is none of ${listed(Object.values(options), 'or')}: “${text.trim()}”`;
    return { input: { ...(before ?? { text: '', how }), draft: text.slice(0, longestText) }, reading: { ok: false, code: 'no-number', says } };
  },
  takes: ({ options }, text) => text in options,
  words: ({ options }, text) => options[text] ?? text,
  isEntered: (input) => Boolean(input?.text),
  fits: ({ options }, _, text) => text in options,
  figure: ({ usual }, input, path) => ({ is: input?.text || usual, field: path }),
  // That it is one of its options is the contract's to say.
  settle: (_, input) => ({ input }),
};
