import type { Kinds } from '../src/kinds/registry.js';
import type { Build } from '../src/machine/build.js';
import { type Evaluation, evaluateBuild } from '../src/procedures/evaluate-build.js';
import { remedyFor } from '../src/procedures/remedy.js';
import type { UnitHabit } from '../src/quantity/show.js';
import { say, sayAll, wordingFor } from '../src/wording/wording.js';

/** A build worked out, with its sentences as a person reads them. */
export function told(build: Build, kinds: Kinds, units: UnitHabit = 'metric') {
  return inWords(build, evaluateBuild(build, kinds), units);
}

/** An evaluation with its sentences as a person reads them. */
export function inWords(build: Build, evaluation: Evaluation, units: UnitHabit = 'metric') {
  const wording = wordingFor(build, units);
  return {
    ...evaluation,
    says: sayAll(evaluation.says, wording),
    jam: sayAll(evaluation.jam, wording),
    notWorkedOut: sayAll(evaluation.notWorkedOut, wording),
    cautions: evaluation.cautions.map((caution) => say(caution, wording)),
    checks: evaluation.checks.map((check) => ({ ...check, says: say(check.says, wording) })),
  };
}

export type ToldBuild = ReturnType<typeof told>;

/** What would cure a build, in words. */
export const cureOf = (build: Build, kinds: Kinds): string => remedyFor(build, kinds, evaluateBuild(build, kinds), wordingFor(build));
