import { evaluateBuild, loadKinds } from '@hobrek/core';
import { checksCsv, figuresCsv, partsCsv } from '@hobrek/papers';
import { type Outcome, Refusal } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * Figures, checks or parts of a build as CSV.
 * @throws Refusal naming what is wrong with the file, or the tables there are
 */
export async function table(file: string, what: string): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const evaluation = evaluateBuild(build, await loadKinds(build));
  const tables: Readonly<Record<string, () => string>> = {
    figures: () => figuresCsv(build, evaluation),
    checks: () => checksCsv(build, evaluation),
    parts: () => partsCsv(build),
  };
  const make = tables[what];
  if (!make) throw new Refusal(`There is no table ${what}; there are ${Object.keys(tables).join(', ')}`);
  const text = make().trimEnd();
  return { text, json: { csv: text }, exit: 0 };
}
