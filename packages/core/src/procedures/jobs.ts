import { withStages } from '../finder/as-build.js';
import { findable } from '../finder/wishes.js';
import { type Kinds, loadKinds } from '../kinds/registry.js';
import { blankBuild } from '../machine/blank-build.js';
import type { Build } from '../machine/build.js';
import { lineOf } from '../machine/lines.js';
import { openKind } from '../machine/open.js';
import { withStageAdded } from '../machine/reshape.js';
import type { UnitHabit } from '../quantity/show.js';
import { say, wordingFor } from '../wording/wording.js';
import { decidedSteps } from './decided-by.js';
import { evaluateBuild } from './evaluate-build.js';
import { type FindGiven, type Found, findDrivesSteps } from './find-drives.js';
import { guessesSteps, type OverGuesses } from './over-guesses.js';
import { type Remedy, remedySteps } from './remedy.js';
import { type ShaftCureSaid, type ShaftToCure, shaftCuresSteps } from './shafts/shaft-cures.js';
import { type Steps, there } from './steps.js';
import { type WayOut, waysOutSteps } from './ways-out.js';
import { type DriveTarget, drivenWork, type InPlace, targetOf, type WouldDrive, whatItDrivesSteps } from './what-it-drives.js';

interface Given {
  readonly build: Build;
  readonly units: UnitHabit;
}

/** What takes longer than a key may: each kind of it with what it is given and what it answers, plain data both ways. */
export interface Jobs {
  /** What would cure a build, in words and as changes to take; each cure that is tried is an evaluation. */
  readonly remedy: { readonly given: Given; readonly answers: Remedy };
  /** What would do against each of the worst checks of each line alone, by the id of the check. */
  readonly waysOut: { readonly given: Given & { readonly most: number }; readonly answers: Readonly<Record<string, WayOut>> };
  /** Of checks that are not known, what decides them, in words, by the id of the check; each field that may is tried at its ends. */
  readonly decided: { readonly given: Given; readonly answers: Readonly<Record<string, string>> };
  /** What becomes of it over all that is guessed; null where nothing is. */
  readonly guesses: { readonly given: Given; readonly answers: OverGuesses | null };
  /** What a motor would drive, of several kinds of work and builds; each is an evaluation or three. */
  readonly drives: {
    readonly given: { readonly motor: InPlace; readonly targets: readonly DriveTarget[]; readonly units: UnitHabit };
    readonly answers: readonly WouldDrive[];
  };
  /** Every kind loaded, so that no build that comes later waits for its own: how many there are. */
  readonly allKinds: { readonly given: null; readonly answers: number };
  /** What could lie between motor and tool, of stock and of one’s own parts; the best are each an evaluation. */
  readonly find: { readonly given: FindGiven; readonly answers: Found };
  /** What would make a shaft last that does not; each change is tried in full. */
  readonly shaftCures: { readonly given: ShaftToCure; readonly answers: readonly ShaftCureSaid[] };
}

export type JobName = keyof Jobs;

/** Each job in steps, once the kinds that it needs are loaded: done beside the page, or by a command, wherever there is a core. */
export const jobs: { readonly [N in JobName]: (given: Jobs[N]['given']) => Promise<Steps<Jobs[N]['answers']>> } = {
  remedy: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    return remedySteps(build, kinds, evaluateBuild(build, kinds), wordingFor(build, units));
  },
  waysOut: async ({ build, units, most }) => {
    const kinds = await loadKinds(build);
    return waysOutSteps(build, kinds, evaluateBuild(build, kinds), wordingFor(build, units), most);
  },
  decided: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    const wording = wordingFor(build, units);
    const steps = function* (): Steps<Readonly<Record<string, string>>> {
      const decided = yield* decidedSteps(build, kinds, evaluateBuild(build, kinds));
      return Object.fromEntries([...decided].map(([id, says]) => [id, say(says, wording)]));
    };
    return steps();
  },
  guesses: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    return guessesSteps(build, kinds, wordingFor(build, units));
  },
  drives: async ({ motor, targets, units }) => {
    const builds = [drivenWork('direct', motor), ...targets.map((target) => targetOf(target, motor))];
    const kinds = await Promise.all(builds.map((build) => loadKinds(build)));
    // A place is kept for what is missing between them.
    const open = await loadKinds(withStageAdded(blankBuild(''), 'main', 0, openKind));
    return whatItDrivesSteps(motor, targets, new Map([...open, ...kinds.flatMap((each) => [...each])]), units);
  },
  allKinds: async () => there((await loadKinds()).size),
  shaftCures: async (given) => shaftCuresSteps(given),
  find: async (given) => findDrivesSteps(given, await kindsToFind(given.build)),
};

/** The kinds of a build, and every kind of stage that a drive may be made of. */
export async function kindsToFind(build: Build): Promise<Kinds> {
  const stages = Object.keys(findable).map((kind) => ({ kind, entries: {} }));
  // A blank build is of a motor by its plate: the one that is looked for where there is none yet.
  const all = await loadKinds(withStages(blankBuild(''), lineOf(blankBuild(''), null).id, stages));
  return new Map([...all, ...(await loadKinds(build))]);
}
