import type { Place } from '../geometry/lay-out.js';
import { kindHead } from '../kinds/registry.js';
import type { Build, Element } from './build.js';
import { choose } from './enter.js';
import { withInput } from './paths.js';

/** The fields of a stage that reaches over a distance; nothing of one that does not. */
const reachOf = (stage: Element | undefined) => stage && kindHead('stage', stage.kind)?.reaches;

/** Shafts that a stage holds at a distance of its own, on one axis or by its teeth: they move together. */
function together(stages: readonly Element[], k: number): readonly [first: number, last: number] {
  let [first, last] = [k, k];
  while (first > 0 && !reachOf(stages[first - 1])) first--;
  while (last < stages.length && !reachOf(stages[last])) last++;
  return [first, last];
}

/** Whether a shaft can be put somewhere else: a stage beside it reaches over a distance. */
export function canMove(build: Build, lineId: string, k: number): boolean {
  const stages = build.lines.find((line) => line.id === lineId)?.stages ?? [];
  const [first, last] = together(stages, k);
  return reachOf(stages[first - 1]) !== undefined || reachOf(stages[last]) !== undefined;
}

const degrees = (angle: number) => Math.round((angle * 18_000) / Math.PI) / 100;

/**
 * The build with one shaft somewhere else, the others where they are: distance and direction of the stages that reach it follow, to the tenth of a
 * millimetre and the hundredth of a degree; they are chosen then, whatever was measured before. Shafts that are held to it come along.
 * @param places of every shaft now, mm
 */
export function withShaftAt(build: Build, lineId: string, k: number, to: Place, places: readonly Place[]): Build {
  const stages = build.lines.find((line) => line.id === lineId)?.stages ?? [];
  const [first, last] = together(stages, k);
  const from = places[k] as Place;
  const moved = (place: Place): Place => ({ x: place.x + to.x - from.x, y: place.y + to.y - from.y });
  const reach = (next: Build, stage: number, a: Place | undefined, b: Place | undefined): Build => {
    const element = stages[stage];
    const fields = reachOf(element);
    if (!element || !a || !b || !fields) return next;
    const path = `${lineId}/${element.id}`;
    const distance = Math.round(Math.hypot(b.x - a.x, b.y - a.y) * 10) / 10;
    const angle = degrees(Math.atan2(b.y - a.y, b.x - a.x));
    const level = angle === 0 && !element.inputs[fields.direction];
    return withText(level ? next : withText(next, path, fields.direction, `${angle}°`), path, fields.distance, `${distance} mm`);
  };
  const before = reach(build, first - 1, places[first - 1], places[first] && moved(places[first]));
  return reach(before, last, places[last] && moved(places[last]), places[last + 1]);
}

function withText(build: Build, path: string, name: string, text: string): Build {
  const [lineId, id] = path.split('/');
  const element = build.lines.find((line) => line.id === lineId)?.stages.find((stage) => stage.id === id);
  const field = element && kindHead('stage', element.kind)?.fields[name];
  return field ? withInput(build, `${path}/${name}`, choose(field, text, element.inputs[name])) : build;
}
