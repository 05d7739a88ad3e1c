import type { Build } from './build.js';
import { typeOf } from './field-types/index.js';
import { placesOf, withInput } from './paths.js';

export interface Settled {
  readonly build: Build;
  /** Sentences for the person: entries whose text is read differently today than the value they carry. */
  readonly notices: readonly string[];
  /** Sentences for entries that cannot be worked with at all; the build then stays as it was. */
  readonly refused: readonly { readonly path: string; readonly says: string }[];
}

/**
 * Makes a build from a file ready to work with: a value left out is read from its text, a question mark is not known; a value that differs from what the text means today is
 * kept, since it is what was worked with, and said.
 */
export function settleValues(build: Build): Settled {
  const notices: string[] = [];
  const refused: { path: string; says: string }[] = [];
  let settled = build;
  for (const { path, field, input } of placesOf(build)) {
    if (!input) continue;
    const entry = typeOf(field).settle(field, input);
    if (entry.input !== input) settled = withInput(settled, path, entry.input);
    notices.push(...(entry.notices ?? []));
    refused.push(...(entry.refused ?? []).map(({ at, says }) => ({ path: at === undefined ? path : `${path}/${at}`, says })));
  }
  return { build: settled, notices, refused };
}
