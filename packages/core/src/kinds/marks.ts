/** What a mark or a plate means: entries by field, as they would be typed, and what of the text was not understood. */
export interface Marked {
  readonly fills: Readonly<Record<string, string>>;
  readonly rest?: string;
}

/** Texts by what they are matched with, the first that matches. @returns null where none does */
export function markBy(
  text: string,
  rows: readonly (readonly [RegExp, (...parts: string[]) => Readonly<Record<string, string>> | null])[],
): Marked | null {
  for (const [pattern, fills] of rows) {
    const parts = pattern.exec(text.trim());
    const read = parts && fills(...parts.slice(1).map((part) => part ?? ''));
    if (read) return { fills: read };
  }
  return null;
}
