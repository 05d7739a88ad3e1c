import type { MatchHeaders } from '@hobrek/contracts';
import { ProblemError } from './problem-error.js';

/** The version that a change was made from. @throws ProblemError where none is said */
export function versionFrom({ 'if-match': match }: MatchHeaders): number {
  const version = /^"(\d{1,9})"$/.exec(match ?? '')?.[1];
  if (version === undefined)
    throw new ProblemError('version-missing', 'Send If-Match with the version the change was made from, such as "3" in quotes.');
  return Number(version);
}
