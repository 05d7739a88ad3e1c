import type { StoredBuild } from '@hobrek/contracts';
import type { InPlace, UnitHabit } from '@hobrek/core';
import { ask } from '../shared/ask.js';
import { workOut } from '../workers/calculator.js';
import { buildsTried, worksTried } from './tried.js';

/** Builds that are fetched and tried together, from the newest on: the first few soon, then as many as an answer has. */
export const portionAt = (from: number): number => (from === 0 ? 8 : 25);

/** So many builds are tried ahead: all of most sheds, and no more than a portion or two is fetched for nothing. */
const most = 33;

/**
 * What a motor could drive, before anybody asks: every kind of work and the newest builds. By then all that the others need is loaded, too.
 * @param without the build that the motor is in
 * @param signal ends it between two steps; what was tried by then stays
 */
export async function tryAhead(of: InPlace, units: UnitHabit, without: string, signal: AbortSignal): Promise<void> {
  await Promise.all(worksTried(of, units));
  signal.throwIfAborted();
  await workOut('allKinds', null, { signal });
  for (let from = 0; from < most; from += portionAt(from)) {
    const many = portionAt(from);
    const builds = await ask<StoredBuild[]>(`builds/whole?from=${from}&many=${many}`, { signal });
    const others = builds.filter(({ id }) => id !== without);
    await buildsTried(of, units, others, signal);
    if (builds.length < many) return;
  }
}
