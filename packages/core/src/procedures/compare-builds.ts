import type { Verdict } from '../checks/check.js';
import type { Kinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { describeChange } from '../machine/describe-change.js';
import type { UnitHabit } from '../quantity/show.js';
import { evaluateBuild } from './evaluate-build.js';
import { showFigure } from './explain.js';

/** One thing that stands in both builds, as it is in each. */
export interface Beside {
  readonly what: string;
  readonly a: string;
  readonly b: string;
}

/** A check that stands otherwise in the one than in the other; null where the other has no such check. */
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
  readonly figures: readonly Beside[];
  readonly checks: readonly CheckBeside[];
}

/** Two builds side by side: what was entered otherwise, and the figures under the shafts and the checks that change because of it. */
export function compareBuilds(a: Build, b: Build, kinds: Kinds, units: UnitHabit = 'metric'): Compared {
  const [one, other] = [evaluateBuild(a, kinds, units), evaluateBuild(b, kinds, units)];
  const stations = (evaluation: typeof one) =>
    new Map(
      evaluation.lines.flatMap((line) =>
        line.stations.flatMap(({ name, speed, torque, power }) =>
          Object.entries({ speed, torque, power }).map(([figure, value]) => [`${name}, ${figure}`, showFigure(value, units)] as const),
        ),
      ),
    );
  const [figuresOfA, figuresOfB] = [stations(one), stations(other)];
  const figures = [...new Set([...figuresOfA.keys(), ...figuresOfB.keys()])]
    .map((what) => ({ what, a: figuresOfA.get(what) ?? '', b: figuresOfB.get(what) ?? '' }))
    .filter((beside) => beside.a !== beside.b);
  const byId = (evaluation: typeof one) => new Map(evaluation.checks.map(({ id, verdict, says }) => [id, { verdict, says }]));
  const [checksOfA, checksOfB] = [byId(one), byId(other)];
  const checks = [...new Set([...checksOfA.keys(), ...checksOfB.keys()])]
    .map((id) => ({ id, a: checksOfA.get(id) ?? null, b: checksOfB.get(id) ?? null }))
    .filter(({ a: was, b: is }) => was?.says !== is?.says || was?.verdict !== is?.verdict);
  return {
    says: { a: one.says, b: other.says },
    verdicts: { a: one.verdict, b: other.verdict },
    entered: describeChange({ ...a, name: b.name }, b),
    figures,
    checks,
  };
}
