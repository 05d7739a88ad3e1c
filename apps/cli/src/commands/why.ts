import { evaluateBuild, explainAsText, figureLabel, figuresByPath, loadKinds, newNameOf, say, usedBy, verdictWords, wordingFor } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * Why a figure or a check of a build is what it is, down to what was typed.
 * @throws Refusal listing the paths there are, when there is none of that name; one that was renamed is told by its new name
 */
export async function why(file: string, path: string): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const evaluation = evaluateBuild(build, await loadKinds(build));
  const check = evaluation.checks.find((each) => each.id === path);
  if (check) {
    const parts = [explainAsText(build, check.has, 'limit'), explainAsText(build, check.needs, 'needed')];
    const says = say(check.says, wordingFor(build));
    const text = [`${verdictWords[check.verdict]}: ${says}`, `${check.source}.`, ...parts].join('\n');
    return { text, json: { path, verdict: check.verdict, says, source: check.source, margin: check.margin, why: parts }, exit: 0 };
  }
  const figures = figuresByPath(evaluation);
  const figure = figures.get(path);
  if (!figure) {
    const now = newNameOf(path);
    const paths = [...figures.keys(), ...evaluation.checks.map((each) => each.id)];
    if (now && paths.includes(now)) throw new Refusal(`${file}: “${path}” is called “${now}” now`);
    throw new Refusal(`${file}: there is no figure or check “${path}”. There are: ${paths.join(', ')}`);
  }
  const text = explainAsText(build, figure, figureLabel(build, evaluation, path));
  const uses = usedBy(build, evaluation, figure).map((use) => use.path);
  return { text: uses.length > 0 ? `${text}\nUsed by: ${uses.join(', ')}` : text, json: { path, why: text, usedBy: uses }, exit: 0 };
}
