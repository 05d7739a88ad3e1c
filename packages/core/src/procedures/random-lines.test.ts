import { expect, it } from 'vitest';
import { randomLines } from '../../test/random-lines.js';
import { type Figure, highEnd, lowEnd } from '../figure/figure.js';
import { kindKey, loadKinds } from '../kinds/registry.js';
import type { Line } from '../machine/build.js';
import { elementsOf } from '../machine/paths.js';
import { openElement } from './opened.js';
import { readyOf } from './ready.js';
import { walkLine } from './walk-line.js';
import type { WalkedLine } from './walked.js';

const kinds = await loadKinds();

/** A few thousand in a run of the tests; `HOBREK_LINES=100000` for all that the kinds are held by. */
const many = Number(process.env.HOBREK_LINES ?? 4_000);

const { random, line: randomLine } = randomLines(24_11);

/** What is wrong with a figure; empty where nothing is. */
function wrongWith(path: string, figure: Figure | undefined): string[] {
  if (!figure?.known) return [];
  const [low, high] = [lowEnd(figure), highEnd(figure)];
  if (![figure.value, low, high].every(Number.isFinite)) return [`${path} is ${low} ${figure.value} ${high}`];
  const near = 1e-9 * Math.max(Math.abs(low), Math.abs(high));
  return low <= figure.value + near && figure.value <= high + near ? [] : [`${path}: ${figure.value} is not from ${low} to ${high}`];
}

function wrongIn(walked: WalkedLine): string[] {
  const own = [...walked.figures].flatMap(([at, figures]) => [...figures].flatMap(([name, figure]) => wrongWith(`${at}/${name}`, figure)));
  const atShafts = walked.stations.flatMap(({ id, flow, effort, power, pull, running }) =>
    [flow, effort, power, pull, running?.flow, running?.effort, running?.power].flatMap((figure) => wrongWith(id, figure ?? undefined)),
  );
  const checks = walked.checks.flatMap(({ id, has, needs }) => [...wrongWith(`${id} has`, has), ...wrongWith(`${id} needs`, needs)]);
  return [...own, ...atShafts, ...checks];
}

/** Power that arrives at each stage, less what leaves and what is lost on the way. */
function lostIn(walked: WalkedLine, line: Line): string[] {
  return line.stages.flatMap(({ id }, k) => {
    const own = walked.figures.get(`main/${id}`);
    return (['', 'running-'] as const).flatMap((state) => {
      const [before, behind] = [walked.stations[k], walked.stations[k + 1]].map((at) => (state ? at?.running?.power : at?.power));
      const [friction, slip] = [own?.get(`${state}lost-to-friction`), own?.get(`${state}lost-to-slip`)];
      if (!before?.known || !behind?.known || !friction?.known || (slip && !slip.known)) return [];
      if (!(before.value >= 0 && behind.value >= 0)) return [`${id} ${state}: ${before.value} to ${behind.value} W`];
      const left = before.value - behind.value - friction.value - (slip?.known ? slip.value : 0);
      return Math.abs(left) <= 1e-9 * before.value ? [] : [`${id} ${state}: ${left} of ${before.value} W is nowhere`];
    });
  });
}

/** What comes back of a stage at each end of what is not sure. */
function thereAndBack(line: Line): string[] {
  return elementsOf(line).flatMap((placed) => {
    if (placed.role !== 'stage') return [];
    const ready = readyOf({ ...openElement(placed, kinds), figures: new Map() }, 'rotary', 'rotary');
    return (['heaviest', 'likely', 'lightest'] as const).flatMap((end) => {
      const passing = ready.passes(end);
      if (!passing) return [];
      const from = { flow: 1 + 3_000 * random(), effort: 0.01 + 100 * random() };
      const back = passing.backward(passing.forward(from));
      const off = Math.max(Math.abs(back.flow / from.flow - 1), Math.abs(back.effort / from.effort - 1));
      return off < 1e-9 ? [] : [`${placed.path} ${placed.element.kind} ${end}: ${JSON.stringify({ from, back })}`];
    });
  });
}

it.each(['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'last'])(
  `of the %s eighth of ${many} random lines of every kind none ends in an exception or in no number; power adds up, likely is between its ends, and a stage returns what came`,
  () => {
    const met = new Set<string>();
    const wrong: string[] = [];
    for (let k = 0; k < many / 8 && wrong.length < 5; k++) {
      const line = randomLine();
      for (const { role, element } of elementsOf(line)) met.add(kindKey(role, element.kind));
      try {
        const walked = walkLine(line, kinds);
        wrong.push(...[...wrongIn(walked), ...lostIn(walked, line), ...thereAndBack(line)].map((what) => `line ${k}: ${what}`));
      } catch (error) {
        wrong.push(`line ${k}: ${(error as Error).stack}\n${JSON.stringify(line)}`);
      }
    }
    expect(wrong).toEqual([]);
    expect(met.size).toBe(kinds.size);
  },
  many > 10_000 ? 3_600_000 : 30_000,
);
