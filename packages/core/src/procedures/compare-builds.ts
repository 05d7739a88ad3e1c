import type { Check } from '../checks/check.js';
import type { Verdict } from '../checks/verdict.js';
import type { Build } from '../machine/build.js';
import { besidesChanged, describeChange, placesChanged } from '../machine/describe-change.js';
import { namesOfElements } from '../machine/element-names.js';
import { elementsOf } from '../machine/paths.js';
import type { UnitHabit } from '../quantity/show.js';
import { say, type Wording, wordingFor } from '../wording/wording.js';
import type { Evaluation, WorkedOut } from './evaluate-build.js';
import { showFigure } from './explain.js';
import { labelledFigures } from './figure-labels.js';
import { whichIsBetter } from './which-is-better.js';

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
  /** Which is better, and in what, in a sentence. */
  readonly better: string;
  /** What was entered otherwise, in words: `Driven pulley 250 mm → 280 mm`. */
  readonly entered: readonly string[];
  /** Paths of the fields that both have and that are entered otherwise. */
  readonly places: readonly string[];
  /** What is otherwise besides entries and elements: lines, words written beside it. */
  readonly shape: readonly string[];
  /** Elements that the other has no counterpart to, by what they are called. */
  readonly onlyIn: { readonly a: readonly string[]; readonly b: readonly string[] };
  /** Of shafts and elements that both have. */
  readonly figures: readonly Beside[];
  /** Of what both have; those whose verdict is another come first. */
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
    .filter((beside) => beside.a !== beside.b && beside.a !== '' && beside.b !== '');
  const [onlyInA, onlyInB] = [onlyOf(a, b), onlyOf(b, a)];
  const [checksOfA, checksOfB] = [byId(one.checks, wordingOfA), byId(other.checks, wordingOfB)];
  const checks = [...new Set([...checksOfA.keys(), ...checksOfB.keys()])]
    .map((id) => ({ id, a: checksOfA.get(id) ?? null, b: checksOfB.get(id) ?? null }))
    .filter(
      ({ a: was, b: is }) =>
        (was?.says !== is?.says || was?.verdict !== is?.verdict) && ![onlyInA, onlyInB].some((only) => only.has((was ?? is)?.at ?? '')),
    )
    .sort((one, other) => Number(isTurned(other)) - Number(isTurned(one)));
  return {
    better: say(whichIsBetter({ build: a, evaluation: one }, { build: b, evaluation: other }), wordingOfA),
    entered: describeChange({ ...a, name: b.name }, b),
    places: placesChanged(a, b),
    shape: besidesChanged(a, b),
    onlyIn: { a: [...onlyInA.values()], b: [...onlyInB.values()] },
    figures,
    checks: checks.map(({ id, a: was, b: is }) => ({ id, a: was && told(was), b: is && told(is) })),
  };
}

const isTurned = ({ a, b }: CheckBeside): boolean => a?.verdict !== b?.verdict;

const told = ({ verdict, says }: NonNullable<CheckBeside['a']>) => ({ verdict, says });

/** Elements of a build that the other has none of the same kind in place of, by their paths. */
function onlyOf(build: Build, other: Build): ReadonlyMap<string, string> {
  const kinds = new Map(other.lines.flatMap(elementsOf).map(({ path, element }) => [path, element.kind]));
  const names = new Map(build.lines.flatMap((line) => [...namesOfElements(line)]));
  return new Map(
    build.lines
      .flatMap(elementsOf)
      .filter(({ path, element }) => kinds.get(path) !== element.kind)
      .map(({ path }) => [path, names.get(path) ?? path]),
  );
}

/** What is told at each shaft, and what sizes each element, by what people call it. */
const keyFigures = (build: Build, evaluation: Evaluation, units: UnitHabit) =>
  new Map(
    labelledFigures(build, evaluation)
      .filter(({ key }) => key)
      .map(({ label, of, figure }) => [`${of}: ${label.toLowerCase()}`, showFigure(figure, units)] as const),
  );

const byId = (checks: readonly Check[], wording: Wording) =>
  new Map(checks.map(({ id, at, verdict, says }) => [id, { at, verdict, says: say(says, wording) }]));
