import type { TextField } from '../../kinds/fields.js';
import { longestText } from '../../quantity/read-quantity.js';
import type { FieldType } from './field-type.js';
import { changedOne } from './told.js';

/** Words as they were written, in one line. */
export const textType: FieldType<TextField> = {
  enter: ({ label, longest, how }, text, before) => {
    const written = text.replace(/\s+/g, ' ').trim();
    if (written.length <= longest) return { input: { ...(before?.note ? { note: before.note } : {}), text: written, how }, reading: 'chosen' };
    const says = `${label} holds ${longest} letters; this has ${written.length}`;
    return { input: { ...(before ?? { text: '', how }), draft: text.slice(0, longestText) }, reading: { ok: false, code: 'no-number', says } };
  },
  words: (_, { text }) => text,
  changes: ({ label }, was, is) => changedOne(label, was, is, ({ text }) => text && `“${text}”`),
  isEntered: (input) => Boolean(input?.text),
  fits: ({ longest }, from, { text }) => from?.is === 'text' && text.length <= longest,
  figure: (_, input, path) => ({ is: input?.text || undefined, field: path }),
  settle: (_, input) => ({ input }),
  options: () => null,
  takes: ({ longest }) => ({ as: 'text', range: `at most ${longest} letters`, usual: '' }),
};
