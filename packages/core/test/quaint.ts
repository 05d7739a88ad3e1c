/** Words that are not said to people, with what is said instead; docs/decisions/0018-words.md has the reasons. */
export const quaint: readonly (readonly [RegExp, string])[] = [
  [/\bask(s|ed|ing)?\b/i, 'needs'],
  [/\b(stands?|stood)\b/i, 'withstands, is'],
  [/\bbears?\b/i, 'supports, withstands'],
  [/\b(brings?|brought)\b/i, 'loads, is'],
  [/\b(gives?|gave)\b/i, 'fails, has, deflects'],
  [/\blets? go\b/i, 'slips, releases'],
  [/\bwant(s|ed)?\b/i, 'needs'],
  [/\bswallow/i, 'passes'],
  [/\bcarr(y|ies) the work\b/i, 'is strong enough'],
  [/\bswing(s|ing)?\b/i, 'inertia'],
  [/\bat best\b.*\bshort\b/i, 'overloaded … times'],
  [/\d ?×(?! 10)(?=[ .,;]*(beside|left|what))/i, 'overloaded … times'],
  [/% (short|left)\b/i, 'reserve … %'],
];

/** What of a text is not said to people, with what is said instead. */
export const quaintIn = (text: string, also: readonly (readonly [RegExp, string])[] = []): string[] =>
  [...quaint, ...also].flatMap(([pattern, instead]) => {
    const found = pattern.exec(text);
    return found ? [`“${found[0]}” (${instead}) in: ${text.slice(Math.max(0, found.index - 60), found.index + 80)}`] : [];
  });
