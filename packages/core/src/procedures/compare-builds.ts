import type { Check } from '../checks/check.js';
import type { Verdict } from '../checks/verdict.js';
import type { Build } from '../machine/build.js';
import { describeChange, placesChanged, shapeChanged } from '../machine/describe-change.js';
import type { UnitHabit } from '../quantity/show.js';
import { say, sayAll, type Wording, wordingFor } from '../wording/wording.js';
import type { Evaluation, WorkedOut } from './evaluate-build.js';
import { showFigure } from './explain.js';
import { labelledFigures } from './figure-labels.js';

/** One figure as it is in each build; empty where the other has no such element. */
export interface Beside {
  readonly what: string;
  readonly a: string;
  readonly b: string;
}

/** A check that is otherwise in the one than in the other; null where the other has no such check. */
export interface CheckBeside {
  readonly id: string;
  readonly a: { readonly verdict: Verdict; readonly says: string } | null;
  readonly b: { readonly verdict: Verdict; readonly says: string } | null;
}

export interface Compared {
  readonly says: { readonly a: string; readonly b: string };
  readonly verdicts: { readonly a: Verdict; readonly b: Verdict };
  /** What was entered otherwise, in words: `Driven pulley 250 mm → 280 mm`. */
  readonly entered: readonly string[];
  /** Paths of the fields that both have and that are entered otherwise. */
  readonly places: readonly string[];
  /** What is otherwise besides: elements, lines, words written beside it. */
  readonly shape: readonly string[];
  readonly figures: readonly Beside[];
  readonly checks: readonly CheckBeside[];
}

/** Two builds side by side: what was entered otherwise, and the key figures of its shafts and elements and the checks that change because of it. */
export function compareBuilds(
  { build: a, evaluation: one }: WorkedOut,
  { build: b, evaluation: other }: WorkedOut,
  units: UnitHabit = 'metric',
): Compared {
  const [wordingOfA, wordingOfB] = [wordingFor(a, units), wordingFor(b, units)];
  const [figuresOfA, figuresOfB] = [keyFigures(a, one, units), keyFigures(b, other, units)];
  const figures = [...new Set([...figuresOfA.keys(), ...figuresOfB.keys()])]
    .map((what) => ({ what, a: figuresOfA.get(what) ?? '', b: figuresOfB.get(what) ?? '' }))
    .filter((beside) => beside.a !== beside.b);
  const [checksOfA, checksOfB] = [byId(one.checks, wordingOfA), byId(other.checks, wordingOfB)];
  const checks = [...new Set([...checksOfA.keys(), ...checksOfB.keys()])]
    .map((id) => ({ id, a: checksOfA.get(id) ?? null, b: checksOfB.get(id) ?? null }))
    .filter(({ a: was, b: is }) => was?.says !== is?.says || was?.verdict !== is?.verdict);
  return {
    says: { a: sayAll(one.says, wordingOfA), b: sayAll(other.says, wordingOfB) },
    verdicts: { a: one.verdict, b: other.verdict },
    entered: describeChange({ ...a, name: b.name }, b),
    places: placesChanged(a, b),
    shape: shapeChanged(a, b),
    figures,
    checks,
  };
}

/** What is told at each shaft, and what sizes each element, by what people call it. */
const keyFigures = (build: Build, evaluation: Evaluation, units: UnitHabit) =>
  new Map(
    labelledFigures(build, evaluation)
      .filter(({ key }) => key)
      .map(({ label, of, figure }) => [`${of}: ${label.toLowerCase()}`, showFigure(figure, units)] as const),
  );

const byId = (checks: readonly Check[], wording: Wording) =>
  new Map(checks.map(({ id, verdict, says }) => [id, { verdict, says: say(says, wording) }]));
