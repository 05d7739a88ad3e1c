import { ProblemError } from './problem-error.js';

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const isId = (id: string): boolean => uuid.test(id);

/** @throws ProblemError 404 for what can be no id: there is no such thing */
export function idFrom(id: string, what = 'build'): string {
  if (!isId(id)) throw new ProblemError('not-found', `There is no such ${what}.`);
  return id;
}
