import type { Check } from '../checks/check.js';
import { type Figure, flag, type Known, type PickRule, partsOf, pickRules } from '../figure/figure.js';
import { formulas } from '../formulas/registry.js';
import { relations } from '../formulas/relations.js';
import type { Build } from '../machine/build.js';
import { isHeld } from '../machine/holders.js';
import { fieldLabel, isInTable, placeAt } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { show, showNumber, showParts, showRange, type UnitHabit } from '../quantity/show.js';
import { type Sentence, sentence } from '../wording/sentence.js';
import { say, wordingFor } from '../wording/wording.js';
import type { Evaluation } from './evaluate-build.js';
import { figureLabel } from './figure-labels.js';
import { figuresByPath } from './figure-paths.js';
import { procedureWords } from './procedure-words.js';
import { asText, type Line, type Relation, symbolLine } from './set-relation.js';
import { type WorkedOutLine, workedOut } from './worked-out.js';

/** What a figure was made of: its symbol in the formula, what it means there, and the figure itself, to walk on down. */
export interface ExplainedPart {
  readonly symbol: Line;
  readonly means: string;
  readonly shows: string;
  readonly figure: Figure;
}

export interface Explanation {
  readonly shows: string;
  /** The relation in its symbols, and again with the numbers put in; null where nothing was worked out. */
  readonly relation: WorkedOutLine | null;
  readonly parts: readonly ExplainedPart[];
  /** Sentences: where an entry came from, what is missing, the source. */
  readonly says: readonly string[];
  /** What to beware of, or nothing. */
  readonly caution: string;
}

/** A figure as text with its range: `11.8 N·m (10.9 to 12.0 N·m)`. */
export function showFigure(figure: Figure, units: UnitHabit = 'metric'): string {
  if (!figure.known) return 'not known';
  const { value, low, high, unit }: Known = figure;
  const [likely, range] = [show(value, unit, units), low === undefined || high === undefined ? '' : showRange(low, high, unit, units)];
  // A range too narrow to be seen says nothing.
  return range === '' || range === likely ? likely : `${likely} (${range})`;
}

/** Why a figure is what it is, one step down: the walk goes on through its parts. */
export function explain(build: Build, figure: Figure, units: UnitHabit = 'metric'): Explanation {
  const shows = showFigure(figure, units);
  const plain = (...says: string[]): Explanation => ({ shows, relation: null, parts: [], says, caution: '' });
  const placeOf = (path: string) => placeAt(build, path);
  // A cell says of which table and which row it is.
  const labelOf = (path: string) => (isHeld(path) || isInTable(path) ? fieldLabel(build, path) : placeOf(path)?.field.label) ?? path;
  if (!figure.known) {
    const missing = listed(figure.missing.map(labelOf));
    if (missing) return plain(`Enter ${missing} and it can be worked out.`);
    return plain(say(asSentence(figure.because ?? 'it has no value here'), wordingFor(build, units)));
  }
  const { origin } = figure;
  switch (origin.by) {
    case 'given':
      return plain(
        `${labelOf(origin.field)}: typed “${placeOf(origin.field)?.input?.text ?? ''}”, that is ${showInBoth(figure, units)}${figure.flags & flag.guessed ? ', a guess' : ''}.`,
      );
    case 'usual':
      return plain(`${labelOf(origin.field)} is not entered; usual is ${shows}.`, `${origin.source}.`);
    case 'limit':
      return plain(`${origin.source}.`);
    case 'catalog':
      return plain(`From the table ${origin.table}, row ${origin.row}.`, `${origin.source}.`);
    case 'scaled':
      return scaledFrom(figure, origin.of, origin.factor, origin.why, units);
    case 'picked':
      return pickedFrom(figure, origin.rule, origin.from, units);
    default:
      return relationOf(figure, origin.by, origin.id, origin.from, units);
  }
}

/** How one formula was worked out, with the numbers that went in; nothing for a figure that has another origin. */
export const explainSum = (figure: Known, units: UnitHabit = 'metric'): Explanation | null =>
  figure.origin.by === 'formula' ? relationOf(figure, 'formula', figure.origin.id, figure.origin.from, units) : null;

/** How a figure was worked out: its relation, or what the procedure does. */
function relationOf(figure: Known, by: 'formula' | 'solved', id: string, from: Readonly<Record<string, Figure>>, units: UnitHabit): Explanation {
  const formula = by === 'formula' ? formulas.get(id) : undefined;
  const parts = Object.entries(from).map(([name, part]) => partOf(name, formula?.inputs[name]?.means ?? '', part, units));
  const caution = [
    figure.flags & flag.outsideValid ? 'Outside the range in which the relation is good: take it as a hint.' : '',
    figure.flags & flag.estimated ? estimateSays : '',
    figure.flags & flag.searched ? searchedSays(formula?.where?.says) : '',
  ]
    .filter(Boolean)
    .join(' ');
  const shows = showFigure(figure, units);
  if (!formula) {
    const words = procedureWords[id];
    return { shows, relation: null, parts, says: words ? [`${words.says}.`, `${words.source}.`] : [`Found by ${id}.`], caution };
  }
  const numbers = valuesOf(from);
  const remark = formula.remark?.when(numbers) ? [formula.remark.says] : [];
  const relation = workedOut(relations[id] as Relation, formula.symbol, numbers, formula.compute, figure, units);
  return { shows, relation, parts, says: [...remark, `${formula.source}.`], caution };
}

const estimateSays = 'Rests on an estimate of what things like it usually are: what holds on it holds by estimate.';

const searchedSays = (steadily: string | undefined) =>
  `It rises and falls between these ends: its least and most were searched for${steadily ? ` (it runs one way only where ${steadily})` : ''}.`;

const valuesOf = (from: Readonly<Record<string, Figure>>): Record<string, number> =>
  Object.fromEntries(Object.entries(from).map(([name, part]) => [name, part.known ? part.value : Number.NaN]));

const partOf = (name: string, means: string, figure: Figure, units: UnitHabit): ExplainedPart => ({
  symbol: symbolLine(name),
  means,
  shows: showInBoth(figure, units),
  figure,
});

/** A figure in the unit the relation is made for and, where the person reads another, in that: `1800 W = 1.8 kW (1.5 kW to 2 kW)`. */
function showInBoth(figure: Figure, units: UnitHabit): string {
  const shows = showFigure(figure, units);
  return figure.known && readOtherwise(figure, units) ? `${showNumber(figure.value)} ${figure.unit} = ${shows}` : shows;
}

/** Whether the person reads this figure in another unit than the one it is worked out in. */
const readOtherwise = ({ value, unit }: Known, units: UnitHabit): boolean => unit !== '1' && showParts(value, unit, units).symbol !== unit;

/** What was picked out of several, or their sum, as a relation of its own. */
function pickedFrom(figure: Known, rule: PickRule, from: readonly Figure[], units: UnitHabit): Explanation {
  const named = Object.fromEntries(from.map((part, k) => [`x_${k + 1}`, part]));
  const names = Object.keys(named);
  const relation = pickedAs[rule](names);
  const compute = (numbers: Readonly<Record<string, number>>) => names.map((name) => numbers[name] as number).reduce((a, b) => pickRules[rule](a, b));
  return {
    shows: showFigure(figure, units),
    relation: names.length > 1 ? workedOut(relation, 'x', valuesOf(named), compute, figure, units) : null,
    parts: Object.entries(named).map(([name, part]) => partOf(name, '', part, units)),
    says: [rule === 'squares' ? `The root of the sum of ${from.length} squares.` : `The ${rule} of ${from.length}.`],
    caution: '',
  };
}

/** So many times another figure. */
function scaledFrom(figure: Known, of: Figure, factor: Known, why: string, units: UnitHabit): Explanation {
  const from = { x: of, k: factor };
  const compute = ({ x = 0, k = 0 }: Readonly<Record<string, number>>) => x * k;
  return {
    shows: showFigure(figure, units),
    relation: workedOut(['*', 'x', 'k'], 'y', valuesOf(from), compute, figure, units),
    parts: Object.entries(from).map(([name, part]) => partOf(name, '', part, units)),
    says: [`${why}.`],
    caution: figure.flags & flag.estimated ? estimateSays : '',
  };
}

const pickedAs: Readonly<Record<PickRule, (names: readonly string[]) => Relation>> = {
  least: (names) => ['min', ...names],
  most: (names) => ['max', ...names],
  sum: (names) => sumOf(names),
  squares: (names) => ['sqrt', sumOf(names.map((name) => ['^', name, 2]))],
};

const sumOf = ([first = '', ...others]: readonly Relation[]): Relation => others.reduce<Relation>((sum, each) => ['+', sum, each], first);

const asSentence = (words: string | Sentence): Sentence => (typeof words === 'string' ? sentence(words) : words);

/** The whole chain under a figure as text, each step further in; what was explained once is not explained again. */
export function explainAsText(build: Build, figure: Figure, name: string, units: UnitHabit = 'metric'): string {
  const told = new Set<Figure>();
  const lines: string[] = [];
  const tell = (each: Figure, called: string, depth: number) => {
    const pad = '  '.repeat(depth);
    if (told.has(each)) {
      lines.push(`${pad}${called}: ${showInBoth(each, units)}, as above`);
      return;
    }
    told.add(each);
    const { relation, parts, says, caution } = explain(build, each, units);
    lines.push(`${pad}${called}: ${showInBoth(each, units)}`);
    if (relation) lines.push(`${pad}  ${asText(relation.symbols)}`, `${pad}  = ${asText(relation.numbers)}`);
    for (const sentence of [...says, ...(caution ? [caution] : [])]) lines.push(`${pad}  ${sentence}`);
    for (const part of parts) tell(part.figure, [asText(part.symbol), part.means].filter(Boolean).join(', '), depth + 1);
  };
  tell(figure, name, 0);
  return lines.join('\n');
}

/** What a figure goes into: another figure, or a check that holds it against something. */
export type Use = { readonly path: string; readonly called: string } & ({ readonly figure: Figure } | { readonly check: Check });

/** What a figure goes into, one step up. */
export function usedBy(build: Build, evaluation: Evaluation, figure: Figure, units: UnitHabit = 'metric'): Use[] {
  const wording = wordingFor(build, units);
  const seen = new Set<Figure>();
  const figures = [...figuresByPath(evaluation)].flatMap(([path, other]): Use[] => {
    // A figure handed on to the next shaft has two paths; it is named once.
    if (seen.has(other) || other === figure) return [];
    seen.add(other);
    return partsOf(other).some(([, part]) => part === figure) ? [{ path, called: figureLabel(build, evaluation, path), figure: other }] : [];
  });
  const checks = evaluation.checks
    .filter(({ has, needs }) => has === figure || needs === figure)
    .map((check): Use => ({ path: check.id, called: say(check.says, wording), check }));
  return [...figures, ...checks];
}

/** Every figure of an evaluation that came of a relation, by its label, with the line that says so: `Torque, roll: T₂ = T₁ × i × k = 3.69 × … = 11.8 N·m`. */
export function sumsOf(build: Build, evaluation: Evaluation, units: UnitHabit): { readonly called: string; readonly line: string }[] {
  const told = new Set<Figure>();
  return [...figuresByPath(evaluation)].flatMap(([path, figure]) => {
    const relation = figure.known && !told.has(figure) ? explain(build, figure, units).relation : null;
    told.add(figure);
    return relation ? [{ called: figureLabel(build, evaluation, path), line: `${asText(relation.symbols)} = ${asText(relation.numbers)}` }] : [];
  });
}
