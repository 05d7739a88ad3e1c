import type { StoredBuild } from '@hobrek/contracts';
import { type InPlace, type UnitHabit, type WouldDrive, workTargets } from '@hobrek/core';
import { workOut } from '../workers/calculator.js';

/** Kinds of work that are tried together: so few that whatever else is to be worked out comes in between. */
const together = 6;
const portions = Array.from({ length: Math.ceil(workTargets.length / together) }, (_, k) => workTargets.slice(k * together, (k + 1) * together));

type Told = readonly Promise<readonly WouldDrive[]>[];

interface Tried {
  readonly of: InPlace;
  readonly units: UnitHabit;
  /** A promise for each portion of the kinds of work, with what ends them; null before they are begun, and where that failed. */
  works: { readonly told: Told; readonly ending: AbortController } | null;
  /** Of builds, by which one and in what version. */
  readonly builds: Map<string, readonly WouldDrive[]>;
}

let last: Tried | null = null;

/** What was tried of a motor and stays: nothing of a build ever changes in place, so that the same objects are the same motor. */
function triedOf(of: InPlace, units: UnitHabit): Tried {
  if (last && last.of.source === of.source && last.of.supply === of.supply && last.units === units) return last;
  stopWorks();
  last = { of, units, works: null, builds: new Map() };
  return last;
}

/**
 * Every kind of work tried with a motor, a few at a time, one portion after the other. What was begun for the same motor goes on, and what was told of it stays.
 * @returns a promise for each portion; they fail when another motor is tried, or `stopWorks` is called
 */
export function worksTried(of: InPlace, units: UnitHabit): Told {
  const tried = triedOf(of, units);
  if (tried.works) return tried.works.told;
  const ending = new AbortController();
  const told: Promise<readonly WouldDrive[]>[] = [];
  for (const targets of portions) {
    const before = told.at(-1) ?? Promise.resolve();
    told.push(before.then(() => workOut('drives', { motor: of, targets, units }, { signal: ending.signal })));
  }
  const works = { told, ending };
  tried.works = works;
  for (const each of told)
    each.catch(() => {
      // What failed is tried anew the next time; who waits for it tells why.
      if (tried.works === works) tried.works = null;
    });
  return told;
}

/** Builds tried with a motor; those that were tried before and have not been changed since are not tried again. */
export async function buildsTried(
  of: InPlace,
  units: UnitHabit,
  stored: readonly StoredBuild[],
  signal: AbortSignal,
): Promise<readonly WouldDrive[]> {
  const { builds } = triedOf(of, units);
  const keyOf = ({ id, version }: StoredBuild) => `${id} ${version}`;
  const fresh = stored.filter((each) => !builds.has(keyOf(each)));
  if (fresh.length > 0) {
    const targets = fresh.map(({ id, build }) => ({ id, build }));
    const rows = await workOut('drives', { motor: of, targets, units }, { signal });
    for (const each of fresh)
      builds.set(
        keyOf(each),
        rows.filter(({ id }) => id === each.id),
      );
  }
  return stored.flatMap((each) => builds.get(keyOf(each)) ?? []);
}

/** Ends what is still under way of kinds of work. */
export function stopWorks(): void {
  last?.works?.ending.abort(new DOMException('Another motor is tried', 'AbortError'));
}
