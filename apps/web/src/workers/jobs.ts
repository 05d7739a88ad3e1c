import { type Build, decidedBy, evaluateBuild, loadKinds, overGuesses, remedyFor, say, type UnitHabit, wordingFor } from '@hobrek/core';

/** What is worked out beside the page, since it takes longer than a key may: each kind of it with what it is given and what it answers. */
export interface Jobs {
  /** What would cure a build; each cure that is tried is an evaluation. */
  readonly remedy: { readonly given: Given; readonly answers: string };
  /** Of checks that are not known, what decides them, in words, by the id of the check; each field that may is tried at its ends. */
  readonly decided: { readonly given: Given; readonly answers: Readonly<Record<string, string>> };
  /** What becomes of it over all that is guessed, in words; empty where nothing is. */
  readonly guesses: { readonly given: Given; readonly answers: string };
}

interface Given {
  readonly build: Build;
  readonly units: UnitHabit;
}

export type JobName = keyof Jobs;

type Workers = { readonly [N in JobName]: (given: Jobs[N]['given']) => Promise<Jobs[N]['answers']> };

/** Plain work, to be done wherever there is a core. */
export const jobs: Workers = {
  remedy: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    return remedyFor(build, kinds, evaluateBuild(build, kinds), wordingFor(build, units));
  },
  decided: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    const wording = wordingFor(build, units);
    return Object.fromEntries([...decidedBy(build, kinds, evaluateBuild(build, kinds))].map(([id, says]) => [id, say(says, wording)]));
  },
  guesses: async ({ build, units }) => {
    const kinds = await loadKinds(build);
    return overGuesses(build, kinds, wordingFor(build, units))?.says ?? '';
  },
};
