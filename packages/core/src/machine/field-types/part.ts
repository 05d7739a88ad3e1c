import type { PartField } from '../../kinds/fields.js';
import { longestText } from '../../quantity/read-quantity.js';
import { same } from '../same.js';
import { cellChanges, cellFigures, cellsTake, cellWords, settleCells, type TypeOf } from './cells.js';
import type { FieldType } from './field-type.js';
import { changedOne } from './told.js';

/** A part of the shelf: its name is its text, its sizes are those it had when it was taken, so that the build opens when the part is gone. */
export const partType = (typeOf: TypeOf): FieldType<PartField> => ({
  enter: ({ label, how }, text, before) => {
    const says = `${label} is taken from the shelf, where there is no “${text.trim()}” yet`;
    const input = { ...(before ?? { text: '', how }), draft: text.slice(0, longestText) };
    return { input, reading: { ok: false, code: 'no-number', says } };
  },
  words: ({ sizes }, { text, part }) => {
    const told = part ? cellWords(typeOf, sizes, part.inputs) : '';
    return told ? `${text} (${told})` : text;
  },
  changes: (field, was, is) => {
    // The same part with other sizes, as when it was measured again.
    if (was?.part && is?.part && was.part.id === is.part.id && was.text === is.text)
      return cellChanges(typeOf, field.sizes, was.part.inputs, is.part.inputs, `${field.label}: `);
    return changedOne(field.label, was, is, ({ text }) => text);
  },
  isEntered: (input) => input?.part !== undefined,
  fits: (field, from) => from?.is === 'part' && same(Object.keys(from.sizes), Object.keys(field.sizes)),
  figure: ({ sizes }, input, path) => ({ is: input?.part?.id, field: path, sizes: cellFigures(typeOf, sizes, input?.part?.inputs ?? {}, path) }),
  settle: ({ label, sizes }, input) => {
    if (!input.part) return { input };
    const { inputs, notices, refused } = settleCells(typeOf, sizes, input.part.inputs);
    const named = (says: string) => `${label}: ${says}`;
    return {
      input: inputs === input.part.inputs ? input : { ...input, part: { ...input.part, inputs } },
      notices: notices.map(named),
      refused: refused.map(({ at, says }) => ({ at, says: named(says) })),
    };
  },
  options: () => null,
  takes: ({ sizes }) => ({ as: 'a part of the shelf', range: `with its ${cellsTake(typeOf, sizes)}`, usual: '' }),
});
