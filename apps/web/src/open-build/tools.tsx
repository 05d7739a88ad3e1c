import { elementsOf, lineOf, type Role } from '@hobrek/core';
import { type ComponentType, lazy, Suspense } from 'react';
import type { Tool, ToolShown } from '../kinds/tool.js';
import { tools } from '../kinds/tools.js';
import { useOpen } from './here.js';
import { useDerived } from './in-sight.js';

const all: Readonly<Record<string, readonly Tool[] | undefined>> = tools;

/** Each is made once: React would begin it anew otherwise. */
const made = new Map<Tool, ComponentType<ToolShown>>();
function componentOf(tool: Tool): ComponentType<ToolShown> {
  const known = made.get(tool) ?? lazy(async () => ({ default: await tool.load() }));
  made.set(tool, known);
  return known;
}

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
  const shown = { path, element, build, evaluation, kinds: open.kinds, change: open };
  return (all[`${of}:${element.kind}`] ?? [])
    .filter((tool) => tool.on === on)
    .map((tool, k) => {
      const Shown = componentOf(tool);
      return (
        // biome-ignore lint/suspicious/noArrayIndexKey: a tool is its place among those of its kind
        <Suspense key={`${element.kind} ${k}`} fallback={null}>
          <Shown {...shown} />
        </Suspense>
      );
    });
}
