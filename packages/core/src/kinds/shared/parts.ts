import type { Part } from '../kind.js';

type Typed = (field: string) => string | undefined;

/** What is known of a size, strung together. */
export const sized = (...words: readonly (string | undefined)[]): string => words.filter(Boolean).join(', ');

/** How many, from an entry that is a count; one where nothing is entered. */
export const manyOf = (text: string | undefined): number => Math.max(1, Math.round(Number.parseFloat(text ?? '') || 1));

/** A wheel on its shaft: its size, its bore and how it is fixed. */
export function wheelPart(typed: Typed, wheel: 'driver' | 'driven', what: string, ...size: readonly (string | undefined)[]): Part {
  const bore = typed(`${wheel}Bore`);
  return { what, size: sized(...size, bore && `bore ${bore}`, fixedBy[typed(`${wheel}Fixing`) ?? '']), many: 1 };
}

const fixedBy: Readonly<Record<string, string>> = {
  key: 'with a key',
  'set-screws': 'with set screws',
  flat: 'with set screws on a D-flat',
  clamp: 'clamped',
  shrink: 'shrunk on',
};

/** Whatever turns in the open gets one; it is on the list so that it is not forgotten. */
export const guard = (over: string): Part => ({ what: `guard over the ${over}`, size: 'fixed, opened with a tool only', many: 1 });
