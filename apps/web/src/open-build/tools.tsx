import { elementsOf, lineOf, type Role } from '@hobrek/core';
import type { Tool } from '../kinds/tool.js';
import { Entry } from './entry.js';
import { useOpen } from './here.js';
import { useDerived } from './in-sight.js';
import { toolsOf } from './loaded-tools.js';

interface ToolsShown {
  readonly on: Tool['on'];
  readonly of: Role;
  readonly path: string;
}

/** What the kind of an element brings to the page beside its fields. */
export function Tools({ on, of, path }: ToolsShown) {
  const open = useOpen();
  const build = useDerived((derived) => derived.build);
  const evaluation = useDerived((derived) => derived.evaluation);
  const element = elementsOf(lineOf(build, path.split('/')[0])).find((each) => each.path === path)?.element;
  if (!element) return null;
  const shown = { path, element, build, evaluation, kinds: open.kinds, change: open, Entry };
  return toolsOf(of, element.kind, on).map((Shown, k) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: a tool is its place among those of its kind
    <Shown key={`${element.kind} ${k}`} {...shown} />
  ));
}
