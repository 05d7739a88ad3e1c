import { asText, explainSum, type Figure, type Formula, figureFromText, flag, showFigure } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';
import { formulaBy } from './formulas.js';

/**
 * Works one formula: `sum rim-speed d=75mm n=1425`. Values are written as in any field, ranges too.
 * @throws Refusal naming the input that is missing, unknown or not understood
 */
export function sum(id: string, given: readonly string[]): Outcome {
  const formula = formulaBy(id);
  const names = Object.keys(formula.inputs);
  const typed = new Map(given.map((each) => split(each, formula)));
  const missing = names.filter((name) => !typed.has(name));
  if (missing.length > 0)
    throw new Refusal(
      `${id}: ${missing.map((name) => `${name} (${formula.inputs[name]?.means})`).join(' and ')} missing; write ${missing.map((name) => `${name}=…`).join(' ')}`,
    );
  const figures: Record<string, Figure> = {};
  for (const name of names) {
    const slot = formula.inputs[name];
    const read = slot && figureFromText(typed.get(name) as string, name, slot);
    if (!read) continue;
    if ('says' in read) throw new Refusal(`${id}: ${read.says}`);
    figures[name] = read;
  }
  const result = formula(figures);
  if (!result.known) throw new Refusal(`${id}: ${result.because ?? 'has no value with these inputs'}`);
  const { value, low, high, unit } = result;
  const sum = explainSum(result);
  const range = low === undefined ? [] : [showFigure(result)];
  const lines = sum?.relation ? [asText(sum.relation.symbols), `= ${asText(sum.relation.numbers)}`] : [];
  const text = [...lines, ...range, ...(sum?.says ?? []), sum?.caution].filter(Boolean).join('\n');
  return {
    text,
    json: {
      id,
      unit,
      value,
      ...(low === undefined ? {} : { low, high }),
      outsideValid: (result.flags & flag.outsideValid) !== 0,
      searched: (result.flags & flag.searched) !== 0,
      source: formula.source,
    },
    exit: 0,
  };
}

function split(given: string, formula: Formula): [string, string] {
  const at = given.indexOf('=');
  const name = given.slice(0, at);
  if (at < 1) throw new Refusal(`${formula.id}: “${given}” is not name=value`);
  if (!Object.hasOwn(formula.inputs, name))
    throw new Refusal(`${formula.id}: has no input “${name}”; it takes ${Object.keys(formula.inputs).join(', ')}`);
  return [name, given.slice(at + 1)];
}
