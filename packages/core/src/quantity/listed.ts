const formats = {
  and: new Intl.ListFormat('en-GB', { type: 'conjunction' }),
  or: new Intl.ListFormat('en-GB', { type: 'disjunction' }),
} as const;

/** A list read out: `a`, `a and b`, `a, b and c`. */
export const listed = (words: readonly string[], last: keyof typeof formats = 'and'): string => formats[last].format(words);
