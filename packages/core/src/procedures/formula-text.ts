import type { Formula } from '../figure/formula.js';
import { relations } from '../formulas/relations.js';
import { show } from '../quantity/show.js';
import { asText, setRelation, symbolLine } from './set-relation.js';

/** A formula as it is told where nothing is put into it. */
export interface FormulaText {
  readonly title: string;
  /** `T_v = P / ω`, with its unit where it has one. */
  readonly relation: string;
  /** Each symbol with what it means and the range in which it is good. */
  readonly where: readonly string[];
  readonly source: string;
}

/** A formula in words, symbols and ranges. */
export function formulaText({ id, title, symbol, unit, source, inputs, where: steady }: Formula): FormulaText {
  const relation = relations[id];
  const set = relation ? `${asText(symbolLine(symbol))} = ${asText(setRelation(relation, symbolLine))}` : asText(symbolLine(symbol));
  return {
    title,
    relation: unit === '1' ? set : `${set} in ${unit}`,
    where: [
      ...Object.entries(inputs).map(
        ([name, { means, unit: of, valid }]) => `${asText(symbolLine(name))}: ${means}, ${show(valid[0], of)} to ${show(valid[1], of)}`,
      ),
      ...(steady ? [`it runs one way only where ${steady.says}`] : []),
    ],
    source,
  };
}
