import type { ChoiceField, YesNoField } from '../../kinds/fields.js';
import { listed } from '../../quantity/listed.js';
import { longestText } from '../../quantity/read-quantity.js';
import type { FieldType } from './field-type.js';
import { changedOne } from './told.js';

type OneOf = ChoiceField | YesNoField;

const optionsOf = ({ options }: OneOf): Readonly<Record<string, string>> => options;

/** One of a few, whose text is the option itself. @param find the option that a text means */
const oneOf = <F extends OneOf>(find: (field: F, text: string) => string | undefined): FieldType<F> => ({
  enter: (field, text, before) => {
    const found = find(field, text);
    if (found) return { input: { text: found, how: field.how }, reading: 'chosen' };
    const says = `${field.label} is none of ${listed(Object.values(optionsOf(field)), 'or')}: “${text.trim()}”`;
    return {
      input: { ...(before ?? { text: '', how: field.how }), draft: text.slice(0, longestText) },
      reading: { ok: false, code: 'no-number', says },
    };
  },
  words: (field, { text }) => optionsOf(field)[text] ?? text,
  changes: (field, was, is) => changedOne(field.label, was, is, ({ text }) => optionsOf(field)[text] ?? text),
  isEntered: (input) => Boolean(input?.text),
  fits: (field, _, { text }) => text in field.options,
  figure: ({ usual }, input, path) => ({ is: input?.text || usual, field: path }),
  // That it is one of its options is the contract's to say.
  settle: (_, input) => ({ input }),
  options: optionsOf,
  takes: (field) => ({
    as: 'one of',
    range: Object.entries(optionsOf(field))
      .map(([option, words]) => (option === words ? option : `${option} (${words})`))
      .join('; '),
    usual: field.usual ?? '',
  }),
});

/** An option by its name or by the words it is shown by; anything else is no choice, and what was chosen stays. */
export const choiceType = oneOf<ChoiceField>(({ options }, text) => {
  const written = text.trim().toLowerCase();
  return Object.entries(options).find(([option, words]) => option.toLowerCase() === written || words.toLowerCase() === written)?.[0];
});

/** How people and spreadsheets write the two. */
const answers: Readonly<Record<string, 'yes' | 'no'>> = { yes: 'yes', y: 'yes', true: 'yes', '1': 'yes', no: 'no', n: 'no', false: 'no', '0': 'no' };

export const yesNoType = oneOf<YesNoField>(({ options }, text) => {
  const written = text.trim().toLowerCase();
  return answers[written] ?? (['yes', 'no'] as const).find((answer) => options[answer].toLowerCase() === written);
});
