const formats = {
  and: new Intl.ListFormat('en-GB', { type: 'conjunction' }),
  or: new Intl.ListFormat('en-GB', { type: 'disjunction' }),
} as const;

/** A list read out: `a`, `a and b`, `a, b and c`; where a word has a comma of its own, `a, of one; b; and c`. */
export function listed(words: readonly string[], last: keyof typeof formats = 'and'): string {
  if (words.length < 2 || !words.some((word) => word.includes(','))) return formats[last].format(words);
  return `${words.slice(0, -1).join('; ')}; ${last} ${words.at(-1)}`;
}
