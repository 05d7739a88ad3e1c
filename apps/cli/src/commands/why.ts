import { evaluateBuild, explainAsText, figuresByPath, loadKinds, usedBy } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * Why a figure or a check of a build is what it is, down to what was typed.
 * @throws Refusal listing the paths there are, when there is none of that name
 */
export async function why(file: string, path: string): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const evaluation = evaluateBuild(build, await loadKinds(build));
  const check = evaluation.checks.find((each) => each.id === path);
  if (check) {
    const parts = [explainAsText(build, check.has, 'what there is'), explainAsText(build, check.needs, 'what is asked')];
    const text = [`${check.verdict}: ${check.says}`, `${check.source}.`, ...parts].join('\n');
    return { text, json: { path, verdict: check.verdict, says: check.says, source: check.source, margin: check.margin, why: parts }, exit: 0 };
  }
  const figures = figuresByPath(evaluation);
  const figure = figures.get(path);
  if (!figure) {
    const paths = [...figures.keys(), ...evaluation.checks.map((each) => each.id)];
    throw new Refusal(`${file}: there is no figure or check “${path}”. There are: ${paths.join(', ')}`);
  }
  const text = explainAsText(build, figure, path);
  const uses = usedBy(build, evaluation, figure).map((use) => use.path);
  return { text: uses.length > 0 ? `${text}\nUsed by: ${uses.join(', ')}` : text, json: { path, why: text, usedBy: uses }, exit: 0 };
}
