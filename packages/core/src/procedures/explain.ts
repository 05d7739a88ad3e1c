import type { Check } from '../checks/check.js';
import { type Figure, flag, type Known, type PickRule, partsOf, pickRules } from '../figure/figure.js';
import { formulas } from '../formulas/registry.js';
import { relations } from '../formulas/relations.js';
import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { elementsOf, placesOf } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { show, showNumber, showParts, showRange, type UnitHabit } from '../quantity/show.js';
import { remembering } from '../remembering.js';
import type { Evaluation } from './evaluate-build.js';
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
  const placeOf = (path: string) => placesOf(build).find((place) => place.path === path);
  const labelOf = (path: string) => placeOf(path)?.field.label ?? path;
  if (!figure.known) {
    const missing = listed(figure.missing.map(labelOf));
    return plain(missing ? `Enter ${missing} and it can be worked out.` : `${capital(figure.because ?? 'it has no value here')}.`);
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
    figure.flags & flag.estimated ? 'Rests on an estimate of what things like it usually are: no verdict on it is better than close.' : '',
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
  const relation: Relation = rule === 'sum' ? sumOf(names) : [rule === 'least' ? 'min' : 'max', ...names];
  const compute = (numbers: Readonly<Record<string, number>>) => names.map((name) => numbers[name] as number).reduce((a, b) => pickRules[rule](a, b));
  return {
    shows: showFigure(figure, units),
    relation: names.length > 1 ? workedOut(relation, 'x', valuesOf(named), compute, figure, units) : null,
    parts: Object.entries(named).map(([name, part]) => partOf(name, '', part, units)),
    says: [`The ${rule} of ${from.length}.`],
    caution: '',
  };
}

const sumOf = ([first = '', ...others]: readonly string[]): Relation => others.reduce<Relation>((sum, name) => ['+', sum, name], first);

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

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

const indexed = new WeakMap<Evaluation, Map<string, Figure>>();

/** A path's place and name, taken apart once: the same few hundred are asked for at every key. */
const cut = remembering(5_000, (path: string) => {
  const at = path.lastIndexOf('/');
  return [path.slice(0, at), path.slice(at + 1)] as const;
});

/** The figure at a path, as `figuresByPath` has it: for the few that a screen asks for at every key, without an index of all of them. */
export function figureAt(evaluation: Evaluation, path: string): Figure | undefined {
  const [place, name] = cut(path);
  for (const line of evaluation.lines) {
    const own = line.figures.get(place)?.get(name);
    if (own) return own;
    const station = line.stations.find(({ id }) => place === `${line.id}/${id}`);
    const here = station && (['speed', 'torque', 'power', 'pull'] as const).find((each) => each === name);
    const figure = station && here && station[here];
    if (figure) return figure;
  }
  return undefined;
}

/** Every figure of an evaluation by its path, `main/belt/torque`, and those under a shaft by its station, `main/roll/speed`. */
export function figuresByPath(evaluation: Evaluation): ReadonlyMap<string, Figure> {
  const known = indexed.get(evaluation);
  if (known) return known;
  const all = new Map<string, Figure>();
  for (const line of evaluation.lines) {
    for (const [element, own] of line.figures) for (const [name, figure] of own) all.set(`${element}/${name}`, figure);
    for (const { id, speed, torque, power, pull } of line.stations) {
      for (const [name, figure] of Object.entries({ speed, torque, power, ...(pull ? { pull } : {}) })) {
        const path = `${line.id}/${id}/${name}`;
        // An element of the same name speaks first.
        if (!all.has(path)) all.set(path, figure);
      }
    }
  }
  indexed.set(evaluation, all);
  return all;
}

/** What a figure goes into: another figure, or a check that holds it against something. */
export type Use = { readonly path: string; readonly called: string } & ({ readonly figure: Figure } | { readonly check: Check });

/** What a figure goes into, one step up. */
export function usedBy(build: Build, evaluation: Evaluation, figure: Figure): Use[] {
  const seen = new Set<Figure>();
  const figures = [...figuresByPath(evaluation)].flatMap(([path, other]): Use[] => {
    // A figure handed on to the next shaft stands under two paths; it is named once.
    if (seen.has(other) || other === figure) return [];
    seen.add(other);
    return partsOf(other).some(([, part]) => part === figure) ? [{ path, called: calledAt(build, evaluation, path), figure: other }] : [];
  });
  const checks = evaluation.checks
    .filter(({ has, needs }) => has === figure || needs === figure)
    .map((check): Use => ({ path: check.id, called: check.says, check }));
  return [...figures, ...checks];
}

/** Every figure of an evaluation that a relation gave, by what it is called, with the line that says so: `torque, roll: T₂ = T₁ × i × k = 3.69 × … = 11.8 N·m`. */
export function sumsOf(build: Build, evaluation: Evaluation): { readonly called: string; readonly line: string }[] {
  const told = new Set<Figure>();
  return [...figuresByPath(evaluation)].flatMap(([path, figure]) => {
    const relation = figure.known && !told.has(figure) ? explain(build, figure, evaluation.units).relation : null;
    told.add(figure);
    return relation ? [{ called: calledAt(build, evaluation, path), line: `${asText(relation.symbols)} = ${asText(relation.numbers)}` }] : [];
  });
}

/** What the figure at a path is called beside the drawing: `torque, roll`, `belt speed, V-belt`. */
function calledAt(build: Build, evaluation: Evaluation, path: string): string {
  const [place, name] = cut(path);
  const called = name.replaceAll('-', ' ');
  for (const [k, line] of build.lines.entries()) {
    const element = elementsOf(line).find((each) => each.path === place);
    if (element) return `${called}, ${kindHead(element.role, element.element.kind)?.label ?? element.element.kind}`;
    const station = evaluation.lines[k]?.stations.find(({ id }) => place === `${line.id}/${id}`);
    if (station) return `${called}, ${station.name}`;
    if (place === `${line.id}/jam`) return called === 'jam brings' ? called : `${called}, in a jam`;
  }
  return called;
}
