import type { Figure } from '../figure/figure.js';
import { remembering } from '../remembering.js';
import type { Evaluation } from './evaluate-build.js';
import { figureOfStation, figuresOfStation } from './station-figures.js';

const indexed = new WeakMap<object, Map<string, Figure>>();

/** A path's place and name, taken apart once: the same few hundred are needed at every key. */
const cut = remembering(5_000, (path: string) => {
  const at = path.lastIndexOf('/');
  return [path.slice(0, at), path.slice(at + 1)] as const;
});

/** The figure at a path, as `figuresByPath` has it: for the few that a screen needs at every key, without an index of all of them. */
export function figureAt(evaluation: Pick<Evaluation, 'lines'>, path: string): Figure | undefined {
  const [place, name] = cut(path);
  for (const line of evaluation.lines) {
    const own = line.figures.get(place)?.get(name);
    if (own) return own;
    const station = line.stations.find(({ id }) => place === `${line.id}/${id}`);
    const figure = station && figureOfStation(station, name);
    if (figure) return figure;
  }
  return undefined;
}

/** Every figure of an evaluation by its path, `main/belt/torque`, and those under a shaft by its station, `main/roll/speed`. */
export function figuresByPath(evaluation: Pick<Evaluation, 'lines'>): ReadonlyMap<string, Figure> {
  const known = indexed.get(evaluation);
  if (known) return known;
  const all = new Map<string, Figure>();
  for (const line of evaluation.lines) {
    for (const [element, own] of line.figures) for (const [name, figure] of own) all.set(`${element}/${name}`, figure);
    for (const station of line.stations) {
      for (const [name, figure] of figuresOfStation(station)) {
        const path = `${line.id}/${station.id}/${name}`;
        // An element of the same name speaks first.
        if (!all.has(path)) all.set(path, figure);
      }
    }
  }
  indexed.set(evaluation, all);
  return all;
}
