import type { Part } from '../kinds/kind.js';
import { kindHead } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { namesOfElements } from '../machine/element-names.js';
import { elementsOf } from '../machine/paths.js';

/** A line of the parts list, with the element that needs it. */
export interface ListedPart extends Part {
  readonly path: string;
  /** What that is called; of several lines with the name of its own. */
  readonly of: string;
}

/** What has to be had for a build, in the order of the power path. What two elements need is listed twice: each says where it goes. */
export function partsList(build: Build): ListedPart[] {
  return build.lines.flatMap((line) => {
    const names = namesOfElements(line);
    return elementsOf(line).flatMap(({ role, path, element }) => {
      const typed = (field: string) => element.inputs[field]?.text || undefined;
      const own = names.get(path) ?? '';
      const of = build.lines.length > 1 ? `${own}, ${line.name}` : own;
      return (kindHead(role, element.kind)?.parts?.(typed) ?? []).map((part) => ({ ...part, path, of }));
    });
  });
}
