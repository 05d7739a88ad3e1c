import { evaluateBuild, type Figure, figuresByPath, loadKinds, overGuesses, remedyFor, type StationFigures, showFigure } from '@hobrek/core';
import type { Outcome } from '../refusal.js';
import { buildFrom } from './read-file.js';

/** What the lines of the shafts say already, and what was entered. */
const underShaft = /\/(speed|torque|power)$/;

/**
 * Works out a build file: the sentence, what stands at each shaft, every check.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function check(file: string): Promise<Outcome> {
  const { build, notices } = await buildFrom(file);
  const kinds = await loadKinds(build);
  const evaluation = evaluateBuild(build, kinds);
  const remedy = remedyFor(build, kinds, evaluation);
  const guesses = overGuesses(build, kinds);
  const figures = figuresByPath(evaluation);
  const stations = evaluation.lines.flatMap((line) => line.stations);
  const text = [
    `${build.name}: ${evaluation.says}`,
    ...[evaluation.jam, remedy, guesses?.says].filter(Boolean),
    '',
    ...stations.map(stationLine),
    ...[...figures].filter(([path]) => !underShaft.test(path)).map(([path, figure]) => `${path}: ${showFigure(figure)}`),
    '',
    ...evaluation.checks.map((each) => `${each.verdict.padEnd(8)} ${each.says}`),
    evaluation.notWorkedOut,
    ...evaluation.cautions,
    ...notices,
  ].join('\n');
  const json = {
    name: build.name,
    verdict: evaluation.verdict,
    says: evaluation.says,
    jam: evaluation.jam,
    remedy,
    guesses,
    notWorkedOut: evaluation.notWorkedOut,
    cautions: evaluation.cautions,
    stations: stations.map(({ name, speed, torque, power }) => ({ name, speed: plain(speed), torque: plain(torque), power: plain(power) })),
    figures: Object.fromEntries([...figures].map(([path, figure]) => [path, plain(figure)])),
    checks: evaluation.checks.map(({ id, verdict, margin, says, source }) => ({ id, verdict, margin, says, source })),
    notices,
  };
  return { text, json, exit: evaluation.checks.some((each) => each.verdict === 'gives') ? 1 : 0 };
}

function stationLine({ name, speed, torque, power }: StationFigures): string {
  return `${name}: ${[speed, torque, power].map((figure) => showFigure(figure)).join(', ')}`;
}

function plain(figure: Figure) {
  if (!figure.known) return { known: false, unit: figure.unit, missing: figure.missing, ...(figure.because ? { because: figure.because } : {}) };
  const { unit, value, low, high } = figure;
  return { known: true, unit, value, ...(low === undefined ? {} : { low, high }) };
}
