import type { Check } from '../checks/check.js';
import { type Figure, flag, type Known, partsOf } from '../figure/figure.js';
import { formulas } from '../formulas/registry.js';
import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { elementsOf, placesOf } from '../machine/paths.js';
import { listed } from '../quantity/listed.js';
import { show, showRange } from '../quantity/show.js';
import { remembering } from '../remembering.js';
import type { Evaluation } from './evaluate-build.js';
import { solvers } from './solvers.js';

/** What a figure was made of: its symbol in the formula, what it means there, and the figure itself, to walk on down. */
export interface ExplainedPart {
  readonly symbol: string;
  readonly means: string;
  readonly shows: string;
  readonly figure: Figure;
}

export interface Explanation {
  readonly shows: string;
  /** The relation in its symbols, and again with the numbers put in; null where nothing was worked out. */
  readonly relation: { readonly symbols: string; readonly numbers: string } | null;
  readonly parts: readonly ExplainedPart[];
  /** Sentences: where an entry came from, what is missing, the source. */
  readonly says: readonly string[];
  /** What to beware of, or nothing. */
  readonly caution: string;
}

/** A figure as text with its range: `11.8 N·m (10.9 to 12.0 N·m)`. */
export function showFigure(figure: Figure): string {
  if (!figure.known) return 'not known';
  const { value, low, high, unit }: Known = figure;
  const [likely, range] = [show(value, unit), low === undefined || high === undefined ? '' : showRange(low, high, unit)];
  // A range too narrow to be seen says nothing.
  return range === '' || range === likely ? likely : `${likely} (${range})`;
}

/** Why a figure is what it is, one step down: the walk goes on through its parts. */
export function explain(build: Build, figure: Figure): Explanation {
  const shows = showFigure(figure);
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
        `${labelOf(origin.field)}: typed “${placeOf(origin.field)?.input?.text ?? ''}”, that is ${shows}${figure.flags & flag.guessed ? ', a guess' : ''}.`,
      );
    case 'usual':
      return plain(`${labelOf(origin.field)} is not entered; usual is ${shows}.`, `${origin.source}.`);
    case 'limit':
      return plain(`${origin.source}.`);
    case 'catalog':
      return plain(`From the table ${origin.table}, row ${origin.row}.`, `${origin.source}.`);
    case 'picked':
      return {
        ...plain(`The ${origin.rule} of ${origin.from.length}.`),
        parts: origin.from.map((part, k) => ({ symbol: `${k + 1}`, means: '', shows: showFigure(part), figure: part })),
      };
    default:
      return relationOf(figure, origin.id, origin.from, shows);
  }
}

function relationOf(figure: Known, id: string, from: Readonly<Record<string, Figure>>, shows: string): Explanation {
  const formula = formulas.get(id);
  const parts = Object.entries(from).map(([symbol, part]) => ({
    symbol: readable(symbol),
    means: formula?.inputs[symbol]?.means ?? '',
    shows: showFigure(part),
    figure: part,
  }));
  const caution = [
    figure.flags & flag.outsideValid ? 'Outside the range in which the relation is good: take it as a hint.' : '',
    figure.flags & flag.estimated ? 'Rests on an estimate of what things like it usually are: no verdict on it is better than close.' : '',
  ]
    .filter(Boolean)
    .join(' ');
  const solver = solvers[id];
  if (!formula) return { shows, relation: null, parts, says: solver ? [`${solver.says}.`, `${solver.source}.`] : [`Found by ${id}.`], caution };
  const numbers = formula.expr.replace(/\b[A-Za-z]\w*\b/g, (name) => {
    const part = from[name];
    return part?.known ? show(part.value, part.unit) : name;
  });
  return {
    shows,
    relation: { symbols: `${readable(formula.symbol)} = ${readable(formula.expr)}`, numbers: readable(numbers) },
    parts,
    says: [`${formula.source}.`],
    caution,
  };
}

/** A formula with the signs of print in place of those of a keyboard. */
const readable = (expr: string) =>
  expr
    .replaceAll('*', '×')
    .replaceAll(/\bpi\b/g, 'π')
    .replaceAll(' - ', ' − ')
    .replaceAll('sqrt', '√')
    .replaceAll('^2', '²')
    .replace(/_([A-Za-z0-9]+)/g, (_, letters: string) => lowered(letters))
    .replace(/(?<=\b[A-Za-z])\d\b/g, (digit) => String.fromCodePoint(0x2080 + Number(digit)));

/** Letters that print has as subscripts; the others stand as they are. */
const subscripts: Readonly<Record<string, string>> = {
  a: 'ₐ',
  e: 'ₑ',
  h: 'ₕ',
  i: 'ᵢ',
  k: 'ₖ',
  n: 'ₙ',
  o: 'ₒ',
  r: 'ᵣ',
  s: 'ₛ',
  t: 'ₜ',
  '0': '₀',
  '1': '₁',
  '2': '₂',
};
const lowered = (letters: string) => [...letters].map((letter) => subscripts[letter] ?? letter).join('');

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The whole chain under a figure as text, each step further in; what was explained once is not explained again. */
export function explainAsText(build: Build, figure: Figure, name: string): string {
  const told = new Set<Figure>();
  const lines: string[] = [];
  const tell = (each: Figure, called: string, depth: number) => {
    const pad = '  '.repeat(depth);
    if (told.has(each)) {
      lines.push(`${pad}${called}: ${showFigure(each)}, as above`);
      return;
    }
    told.add(each);
    const { shows, relation, parts, says, caution } = explain(build, each);
    lines.push(`${pad}${called}: ${shows}`);
    if (relation) lines.push(`${pad}  ${relation.symbols}`, `${pad}  = ${relation.numbers} = ${shows}`);
    for (const sentence of [...says, ...(caution ? [caution] : [])]) lines.push(`${pad}  ${sentence}`);
    for (const part of parts) tell(part.figure, [part.symbol, part.means].filter(Boolean).join(', '), depth + 1);
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
