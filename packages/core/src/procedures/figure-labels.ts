import type { Figure } from '../figure/figure.js';
import type { Role } from '../kinds/kind.js';
import type { FigureOutput } from '../kinds/outputs.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Line } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { elementsOf } from '../machine/paths.js';
import type { Evaluation } from './evaluate-build.js';
import { limitName } from './jam.js';
import { jamOutputs, needOutputs, outputsOfRole, stationFigures } from './line-outputs.js';
import { figuresOfStation } from './station-figures.js';
import type { WalkedLine } from './walked.js';

/** A figure with all that people call it by. */
export interface LabelledFigure {
  readonly path: string;
  readonly figure: Figure;
  /** `Belt speed` */
  readonly label: string;
  /** The element or the shaft: `V-belt`, `roll`. */
  readonly of: string;
  readonly group: string;
  /** One of the few that size its element. */
  readonly key: boolean;
  /** Told elsewhere, or of use on the way only. */
  readonly aside: boolean;
}

/** What an element of a role and kind puts out, in the order in which it is listed. */
function outputsOf(role: Role, kind: string): readonly (readonly [string, FigureOutput])[] {
  const id = `${role}:${kind}`;
  const known = outputs.get(id);
  if (known) return known;
  const all = Object.entries({ ...kindHead(role, kind)?.figures, ...outputsOfRole[role].figures });
  outputs.set(id, all);
  return all;
}

const outputs = new Map<string, readonly (readonly [string, FigureOutput])[]>();

const labelled = (path: string, figure: Figure, of: string, output: FigureOutput): LabelledFigure => {
  const { label, group, key = false, aside = false } = output;
  return { path, figure, label, of, group, key, aside };
};

const found = new WeakMap<Evaluation, readonly LabelledFigure[]>();

/**
 * Every figure of an evaluation with its label, element by element in the order of the power path, as their kinds declare them; then what there is at each
 * shaft, and the limits in a jam from the first on.
 */
export function labelledFigures(build: Build, evaluation: Evaluation): readonly LabelledFigure[] {
  const known = found.get(evaluation);
  if (known) return known;
  const isOne = build.lines.length === 1;
  const all = build.lines.flatMap((line, k) =>
    ofLine(line, evaluation, k).map((each) => (isOne ? each : { ...each, of: `${each.of}, ${line.name}` })),
  );
  found.set(evaluation, all);
  return all;
}

function ofLine(line: Line, evaluation: Evaluation, k: number): LabelledFigure[] {
  const walked = evaluation.lines[k];
  if (!walked) return [];
  const ofElements = elementsOf(line).flatMap((placed) => ofElement(line, walked, placed));
  const taken = new Set(ofElements.map(({ path }) => path));
  const ofStations = walked.stations.flatMap((station) =>
    figuresOfStation(station).flatMap(([name, figure]) => {
      const path = `${line.id}/${station.id}/${name}`;
      // An element of the same name speaks first.
      return taken.has(path) ? [] : [labelled(path, figure, station.name, stationFigures(station.is)[name] as FigureOutput)];
    }),
  );
  return [...ofElements, ...ofStations, ...inJam(line, walked), ...ofNeed(line, walked)];
}

function ofElement(line: Line, { figures }: WalkedLine, { role, path, element }: ReturnType<typeof elementsOf>[number]): LabelledFigure[] {
  const own = figures.get(path);
  const called = namesOfElements(line).get(path) ?? '';
  return outputsOf(role, element.kind).flatMap(([name, output]) => {
    const figure = own?.get(name);
    return figure ? [labelled(`${path}/${name}`, figure, called, output)] : [];
  });
}

/** The figures of one element alone, for what shows them at every key. */
export function figuresOfElement(build: Build, evaluation: Evaluation, path: string): readonly LabelledFigure[] {
  for (const [k, line] of build.lines.entries()) {
    const [walked, placed] = [evaluation.lines[k], elementsOf(line).find((each) => each.path === path)];
    if (walked && placed) return ofElement(line, walked, placed);
  }
  return [];
}

function inJam({ id, stations }: Pick<Line, 'id' | 'stations'>, { figures, jam }: WalkedLine): LabelledFigure[] {
  const of = stations.at(-1)?.name ?? 'tool';
  const own = figures.get(`${id}/jam`);
  const ofJam = Object.entries(jamOutputs.figures).flatMap(([name, output]) => {
    const figure = own?.get(name);
    return figure ? [labelled(`${id}/jam/${name}`, figure, of, output)] : [];
  });
  const limits = jam.rungs.map((rung) =>
    labelled(`${id}/jam/${limitName(rung.id)}`, rung.atTool, of, { label: capital(rung.short), quantity: 'torque', group: 'In a jam' }),
  );
  return [...ofJam, ...limits];
}

/** What motor the work needs, where that was worked out. */
function ofNeed({ id, stations }: Pick<Line, 'id' | 'stations'>, { figures }: WalkedLine): LabelledFigure[] {
  const own = figures.get(`${id}/need`);
  if (!own) return [];
  const of = `what the ${stations.at(-1)?.name ?? 'tool'} needs`;
  return Object.entries(needOutputs.figures).flatMap(([name, output]) => {
    const figure = own.get(name);
    return figure ? [labelled(`${id}/need/${name}`, figure, of, output)] : [];
  });
}

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

const byPath = new WeakMap<Evaluation, ReadonlyMap<string, LabelledFigure>>();

/** What the figure at a path is called: `Belt speed, V-belt`; a path of nothing by itself. */
export function figureLabel(build: Build, evaluation: Evaluation, path: string): string {
  const all = byPath.get(evaluation) ?? new Map(labelledFigures(build, evaluation).map((each) => [each.path, each]));
  byPath.set(evaluation, all);
  const figure = all.get(path);
  return figure ? `${figure.label}, ${figure.of}` : path;
}
