import { asText, type Formula, formulas, newNameOf, relations, setRelation, show, symbolLine } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';

/** One formula by its id. @throws Refusal listing those there are, or naming what it is called now */
export function formulaBy(id: string): Formula {
  const formula = formulas.get(id);
  const now = newNameOf(id);
  if (!formula && now && formulas.has(now)) throw new Refusal(`The formula “${id}” is called “${now}” now`);
  if (!formula) throw new Refusal(`There is no formula “${id}”. There are: ${[...formulas.keys()].join(', ')}`);
  return formula;
}

/** Every formula, or one with its inputs, where it is valid, and its source. */
export function listFormulas(id?: string): Outcome {
  const chosen = id === undefined ? [...formulas.values()] : [formulaBy(id)];
  const json = chosen.map(({ id, title, symbol, unit, expr, source, inputs, where, remark }) => ({
    id,
    title,
    symbol,
    unit,
    expr,
    source,
    inputs,
    ...(where ? { where: { says: where.says, turns: where.turns } } : {}),
    ...(remark ? { remark: remark.says } : {}),
  }));
  const text = id === undefined ? chosen.map(oneLine).join('\n') : chosen.map(whole).join('\n\n');
  return { text, json, exit: 0 };
}

const oneLine = ({ id, symbol, unit }: Formula) => {
  const relation = relations[id];
  return `${id.padEnd(18)} ${asText(symbolLine(symbol))} = ${relation === undefined ? '' : asText(setRelation(relation, symbolLine))}${unit === '1' ? '' : `   [${unit}]`}`;
};

function whole(formula: Formula): string {
  const inputs = Object.entries(formula.inputs).map(
    ([name, { means, valid, unit }]) => `  ${name.padEnd(6)} ${means}, good from ${show(valid[0], unit)} to ${show(valid[1], unit)}`,
  );
  const where = formula.where
    ? [`  rises or falls steadily where ${formula.where.says}; elsewhere it may turn in ${formula.where.turns.join(', ')}`]
    : [];
  return [`${formula.title}`, oneLine(formula), ...inputs, ...where, `  ${formula.source}`].join('\n');
}
