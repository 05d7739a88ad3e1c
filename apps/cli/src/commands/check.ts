import { readFile } from 'node:fs/promises';
import { readBuild } from '@hobrek/contracts';
import { evaluateBuild, type Figure, loadKinds, type StationFigures, show, showRange } from '@hobrek/core';
import { type Outcome, Refusal } from '../refusal.js';

/**
 * Works out a build file: the sentence, what stands at each shaft, every check.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function check(file: string): Promise<Outcome> {
  const read = readBuild(parse(await textOf(file), file));
  if (!read.ok) {
    const [first] = read.complaints;
    const more = read.complaints.length - 1;
    throw new Refusal(`${file}: ${first?.path}: ${first?.says}${more > 0 ? ` (and ${more} more)` : ''}`);
  }
  const { build, notices } = read;
  const evaluation = evaluateBuild(build, await loadKinds(build));
  const stations = evaluation.lines.flatMap((line) => line.stations);
  const text = [
    `${build.name}: ${evaluation.says}`,
    ...(evaluation.remedy ? [evaluation.remedy] : []),
    '',
    ...stations.map(stationLine),
    ...evaluation.lines.flatMap((line) =>
      [...line.figures].flatMap(([path, own]) => (own.has('belt speed') ? [`${path}: belt speed ${figureText(own.get('belt speed'))}`] : [])),
    ),
    '',
    ...evaluation.checks.map((each) => `${each.verdict.padEnd(8)} ${each.says}`),
    evaluation.notWorkedOut,
    ...notices,
  ].join('\n');
  const json = {
    name: build.name,
    verdict: evaluation.verdict,
    says: evaluation.says,
    remedy: evaluation.remedy,
    notWorkedOut: evaluation.notWorkedOut,
    stations: stations.map(({ name, speed, torque, power }) => ({ name, speed: plain(speed), torque: plain(torque), power: plain(power) })),
    figures: Object.fromEntries(
      evaluation.lines.flatMap((line) =>
        [...line.figures].flatMap(([path, own]) => [...own].map(([name, figure]) => [`${path}/${name}`, plain(figure)])),
      ),
    ),
    checks: evaluation.checks.map(({ id, verdict, margin, says, source }) => ({ id, verdict, margin, says, source })),
    notices,
  };
  return { text, json, exit: evaluation.checks.some((each) => each.verdict === 'gives') ? 1 : 0 };
}

async function textOf(file: string): Promise<string> {
  try {
    return await readFile(file, 'utf8');
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    throw new Refusal(
      `${file}: ${code === 'ENOENT' ? 'there is no such file' : code === 'EISDIR' ? 'is a folder, not a build file' : `cannot be read (${code})`}`,
    );
  }
}

function parse(text: string, file: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new Refusal(`${file}: is not whole JSON: ${(error as Error).message}; a build file is an object with format, version and lines`);
  }
}

function stationLine({ name, speed, torque, power }: StationFigures): string {
  return `${name}: ${[speed, torque, power].map(figureText).join(', ')}`;
}

function figureText(figure: Figure | undefined): string {
  if (!figure?.known) return 'not known';
  return figure.low === undefined || figure.high === undefined
    ? show(figure.value, figure.unit)
    : `${show(figure.value, figure.unit)} (${showRange(figure.low, figure.high, figure.unit)})`;
}

function plain(figure: Figure) {
  if (!figure.known) return { known: false, unit: figure.unit, missing: figure.missing, ...(figure.because ? { because: figure.because } : {}) };
  const { unit, value, low, high } = figure;
  return { known: true, unit, value, ...(low === undefined ? {} : { low, high }) };
}
