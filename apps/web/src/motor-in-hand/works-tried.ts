import { type InPlace, type UnitHabit, type WouldDrive, workTargets } from '@hobrek/core';
import { workOut } from '../workers/calculator.js';

/** Kinds of work that are tried together: so few that whatever else is to be worked out comes in between. */
const together = 6;
const portions = Array.from({ length: Math.ceil(workTargets.length / together) }, (_, k) => workTargets.slice(k * together, (k + 1) * together));

interface Tried {
  readonly of: InPlace;
  readonly units: UnitHabit;
  readonly ending: AbortController;
  readonly told: readonly Promise<readonly WouldDrive[]>[];
}

let last: Tried | null = null;

/**
 * Every kind of work tried with a motor, a few at a time, one portion after the other. What was begun for the same motor goes on, and what was told of it stays.
 * @returns a promise for each portion; they fail when another motor is tried, or `stopWorks` is called
 */
export function worksTried(of: InPlace, units: UnitHabit): readonly Promise<readonly WouldDrive[]>[] {
  // Nothing of a build ever changes in place: what is the same object is the same motor.
  if (last && last.of.source === of.source && last.of.supply === of.supply && last.units === units) return last.told;
  stopWorks();
  const ending = new AbortController();
  const told: Promise<readonly WouldDrive[]>[] = [];
  for (const targets of portions) {
    const before = told.at(-1) ?? Promise.resolve();
    told.push(before.then(() => workOut('drives', { motor: of, targets, units }, { signal: ending.signal })));
  }
  // Builds come next, of any kind.
  void (told.at(-1) as (typeof told)[number]).then(() => workOut('allKinds', null, { signal: ending.signal })).catch(() => {});
  const now: Tried = { of, units, ending, told };
  last = now;
  for (const each of told)
    each.catch(() => {
      // What failed is tried anew the next time; who waits for it tells why.
      if (last === now) last = null;
    });
  return told;
}

/** Ends what is still under way. */
export function stopWorks(): void {
  last?.ending.abort(new DOMException('Another motor is tried', 'AbortError'));
}
