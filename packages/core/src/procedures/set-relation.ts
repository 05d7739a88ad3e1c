import { digitsOf, raised } from '../quantity/show.js';

/**
 * A relation as a tree: a number as it is written, a name, or what is done with others as a list that begins with its sign or the function's name.
 * `60 × P / (2 × π)` is `['/', ['*', 60, 'P'], ['*', 2, 'pi']]`.
 */
export type Relation = number | string | readonly [string, ...Relation[]];

/** One piece of a line set for print: how it is written, whether raised or lowered, and how it is said. */
export interface Piece {
  readonly text: string;
  readonly says: string;
  readonly at?: 'sub' | 'sup';
}

/** A line set for print; the screen, plain text and a voice each write it in their own way. */
export type Line = readonly Piece[];

/** How firmly something holds together: what holds less is put in brackets. A product of digits and a power of ten holds like a product, a negative like a sum. */
const firm = { sum: 1, sign: 2, product: 3, power: 4, whole: 5 } as const;
type Firm = (typeof firm)[keyof typeof firm];

interface SetPart {
  readonly line: Line;
  readonly firm: Firm;
}

/** How a name is set: as its symbol, or as the number in its place. */
export type Setting = (name: string) => Line;

/** A relation set for print, each name as `setting` has it. Brackets are set where a power, a quotient or a sign needs them. */
export const setRelation = (relation: Relation, setting: Setting): Line => set(relation, setting).line;

function set(relation: Relation, setting: Setting): SetPart {
  if (typeof relation === 'number') return number(numberLine(digitsOf(relation, 17)));
  if (typeof relation === 'string') return relation === 'pi' ? { line: [symbolOf.pi], firm: firm.whole } : number(setting(relation));
  const [sign, ...of] = relation;
  const [left, right] = of.map((each) => set(each, setting)) as [SetPart, SetPart];
  switch (sign) {
    case '+':
      return { line: [...left.line, plus, ...within(right, firm.product)], firm: firm.sum };
    case '-':
      if (of.length === 1) return { line: [negative, ...within(left, firm.product)], firm: firm.sign };
      return { line: [...left.line, minus, ...within(right, firm.product)], firm: firm.sum };
    case '*':
      return { line: [...within(left, firm.product), times, ...within(right, firm.product)], firm: firm.product };
    case '/':
      return { line: [...within(left, firm.product), over, ...within(right, firm.power)], firm: firm.product };
    case '^':
      return { line: [...within(left, firm.whole), raisedTo(right.line)], firm: firm.power };
    default:
      return { line: [...functionNamed(sign), ...inBrackets(listed(of.map((each) => set(each, setting).line)))], firm: firm.whole };
  }
}

/** How firmly a number or a symbol holds: `−5` like a sign, `1.2 × 10⁻⁷` like a product. */
function number(line: Line): SetPart {
  const text = line.map((piece) => piece.text).join('');
  return { line, firm: text.startsWith('−') ? firm.sign : text.includes('×') ? firm.product : firm.whole };
}

const within = (part: SetPart, least: Firm): Line => (part.firm >= least ? part.line : inBrackets(part.line));
const inBrackets = (line: Line): Line => [{ text: '(', says: 'open bracket' }, ...line, { text: ')', says: 'close bracket' }];
const listed = (lines: readonly Line[]): Line => lines.flatMap((line, k) => (k === 0 ? line : [comma, ...line]));

const comma: Piece = { text: ', ', says: 'and' };
const plus: Piece = { text: ' + ', says: 'plus' };
const minus: Piece = { text: ' − ', says: 'minus' };
const negative: Piece = { text: '−', says: 'minus' };
const times: Piece = { text: ' × ', says: 'times' };
const over: Piece = { text: ' / ', says: 'divided by' };
/** Between one side of a line and the other. */
export const equals: Piece = { text: ' = ', says: 'is' };

/** What a function is called in print and aloud, by its name in the relation. */
const functions: Readonly<Record<string, Piece>> = {
  sqrt: { text: '√', says: 'the square root of' },
  exp: { text: 'exp', says: 'e to the power of' },
  log: { text: 'ln', says: 'the natural logarithm of' },
  sin: { text: 'sin', says: 'the sine of' },
  cos: { text: 'cos', says: 'the cosine of' },
  tan: { text: 'tan', says: 'the tangent of' },
  asin: { text: 'arcsin', says: 'the arc sine of' },
  acos: { text: 'arccos', says: 'the arc cosine of' },
  atan: { text: 'arctan', says: 'the arc tangent of' },
  abs: { text: 'abs', says: 'the size of' },
  floor: { text: 'floor', says: 'the whole part of' },
  max: { text: 'max', says: 'the greatest of' },
  min: { text: 'min', says: 'the least of' },
};

/** @throws Error for a function that has no print yet: a fault in a formula, found by its test */
function functionNamed(name: string): Line {
  if (name === 'log10')
    return [
      { text: 'log', says: 'the common logarithm of' },
      { text: '10', says: '', at: 'sub' },
    ];
  const known = functions[name];
  if (!known) throw new Error(`A relation uses ${name}, which is not set in print yet`);
  return [known];
}

function raisedTo(exponent: Line): Piece {
  const text = asText(exponent);
  const says = text === '2' ? 'squared' : text === '3' ? 'cubed' : `to the power of ${asWords(exponent)}`;
  return { text, says, at: 'sup' };
}

/**
 * Digits as a line: `1.2 × 10⁻⁷` in its pieces.
 * @param digits a number as `digitsOf` writes it
 */
export function numberLine(digits: string): Line {
  const [mantissa = '', power] = digits.split(' × 10');
  const said = mantissa.replace('−', 'minus ');
  if (power === undefined) return [{ text: mantissa, says: said }];
  const exponent = [...power].map((sign) => (sign === '⁻' ? '−' : '⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(sign))).join('');
  return [
    { text: mantissa, says: said },
    times,
    { text: '10', says: 'ten' },
    { text: exponent, says: `to the power of ${exponent.replace('−', 'minus ')}`, at: 'sup' },
  ];
}

/** Greek letters by how they are written in a relation. */
const greek = {
  alpha: 'α',
  beta: 'β',
  gamma: 'γ',
  delta: 'δ',
  epsilon: 'ε',
  eta: 'η',
  theta: 'θ',
  lambda: 'λ',
  mu: 'µ',
  nu: 'ν',
  pi: 'π',
  rho: 'ρ',
  sigma: 'σ',
  tau: 'τ',
  phi: 'φ',
  omega: 'ω',
} as const;
const spelled = new Map<string, string>(Object.entries({ ...greek, delta: 'Δ' }).map(([name, letter]) => [letter, name]));
spelled.set('δ', 'delta');
const symbolOf = { pi: { text: 'π', says: 'pi' } } as const;

/** Greek as Greek, and said by its name. */
const letters = (name: string): Piece => {
  const delta = /^d[A-Z]$/.test(name);
  const text = delta ? `Δ${name.slice(1)}` : ((greek as Readonly<Record<string, string>>)[name] ?? name);
  const says = [...text].map((letter) => spelled.get(letter) ?? (letter === '′' ? 'dash' : letter));
  // A word or an abbreviation is read as one; a Greek letter and what is behind it are not.
  return { text, says: says.some((part) => part.length > 1) ? says.join(' ') : text };
};

/**
 * A symbol of a relation: `theta` as θ, `dF` as ΔF, `n_1` and `n1` with their number lowered.
 * @example asText(symbolLine('mu')) // 'µ'
 */
export function symbolLine(name: string): Line {
  const [, base = name, sub] = /^(.+?)_(.+)$/.exec(name) ?? /^([A-Za-z]+)(\d+)$/.exec(name) ?? [];
  if (sub === undefined) return [letters(base)];
  const lowered = letters(sub);
  return [letters(base), { ...lowered, says: `sub ${lowered.says}`, at: 'sub' }];
}

/** Letters that plain text has as subscripts; others are set behind a low line. */
const subscripts = new Map(
  Object.entries({
    a: 'ₐ',
    e: 'ₑ',
    h: 'ₕ',
    i: 'ᵢ',
    j: 'ⱼ',
    k: 'ₖ',
    l: 'ₗ',
    m: 'ₘ',
    n: 'ₙ',
    o: 'ₒ',
    p: 'ₚ',
    r: 'ᵣ',
    s: 'ₛ',
    t: 'ₜ',
    u: 'ᵤ',
    v: 'ᵥ',
    x: 'ₓ',
  }),
);
for (const [k, digit] of [...'₀₁₂₃₄₅₆₇₈₉'].entries()) subscripts.set(String(k), digit);

function lowered(text: string): string {
  const all = [...text].map((letter) => subscripts.get(letter));
  return all.every((letter) => letter !== undefined) ? all.join('') : `_${text}`;
}

/** A whole exponent in raised digits, any other behind `^`, in brackets where it is more than a number. */
function raisedText(text: string): string {
  if (/^−?\d+$/.test(text)) return [...text].map((sign) => (sign === '−' ? '⁻' : raised(Number(sign)))).join('');
  return /^\d+\.\d+$/.test(text) ? `^${text}` : `^(${text})`;
}

/** A line as plain text, for a terminal, Markdown and the clipboard: `60 × P / (2 × π × n₁)`. */
export const asText = (line: Line): string =>
  line.map(({ text, at }) => (at === 'sub' ? lowered(text) : at === 'sup' ? raisedText(text) : text)).join('');

/** A line in words, for a screen reader: `60 times P divided by open bracket 2 times pi times n sub 1 close bracket`. */
export const asWords = (line: Line): string => line.flatMap(({ says }) => says || []).join(' ');
