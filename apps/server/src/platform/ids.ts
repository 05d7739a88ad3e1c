import { createHash } from 'node:crypto';
import { ProblemError } from './problem-error.js';

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const isId = (id: string): boolean => uuid.test(id);

/** @throws ProblemError 404 for what can be no id: there is no such thing */
export function idFrom(id: string, what = 'build'): string {
  if (!isId(id)) throw new ProblemError('not-found', `There is no such ${what}.`);
  return id;
}

/** An id made out of several words, the same for the same words: what is brought in twice is known again. */
export function idOutOf(...words: readonly string[]): string {
  const hash = createHash('sha256').update(words.join('\n')).digest('hex');
  // Marked as made by a rule of our own (RFC 9562, version 8).
  return [hash.slice(0, 8), hash.slice(8, 12), `8${hash.slice(13, 16)}`, `a${hash.slice(17, 20)}`, hash.slice(20, 32)].join('-');
}
