/** Keeps a number and what follows it on one line: `27 %`, `8 N·m`. */
export const unbroken = (text: string): string => text.replace(/(\d) (?=[^\s\d(])(?!(?:to|and|or|is|of) )/g, '$1\u00a0');
