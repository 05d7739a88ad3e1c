import { kindHead } from '../kinds/registry.js';
import type { Line } from './build.js';
import { elementsOf } from './paths.js';

/** What the elements of a line are called, by their paths: `V-belt`, and where there are two of them `V-belt 2`. */
export function namesOfElements(line: Line): ReadonlyMap<string, string> {
  const known = names.get(line);
  if (known) return known;
  const elements = elementsOf(line).map(({ role, path, element }) => ({ path, noun: kindHead(role, element.kind)?.noun ?? element.kind }));
  const many = (noun: string) => elements.filter((each) => each.noun === noun).length;
  const met = new Map<string, number>();
  const named = elements.map(({ path, noun }): [string, string] => {
    const k = (met.get(noun) ?? 0) + 1;
    met.set(noun, k);
    return [path, many(noun) > 1 ? `${noun} ${k}` : noun];
  });
  const all = new Map(named);
  names.set(line, all);
  return all;
}

/** A line never changes: its elements are named once. */
const names = new WeakMap<Line, ReadonlyMap<string, string>>();
