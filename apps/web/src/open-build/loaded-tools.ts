import type { Role } from '@hobrek/core';
import type { ComponentType } from 'react';
import type { Tool, ToolShown } from '../kinds/tool.js';
import { tools } from '../kinds/tools.js';

const all: Readonly<Record<string, readonly Tool[] | undefined>> = tools;
const loaded = new Map<Tool, ComponentType<ToolShown>>();

/** Loads the tools of all kinds, before a page shows any: one that came later would move what is below it. One that cannot be loaded is not shown. */
export async function loadTools(): Promise<void> {
  const missing = Object.values(all).flatMap((some) => (some ?? []).filter((tool) => !loaded.has(tool)));
  await Promise.all(
    [...new Set(missing)].map((tool) =>
      tool.load().then(
        (component) => loaded.set(tool, component),
        () => undefined,
      ),
    ),
  );
}

/** Tools of a kind that are loaded, in the order in which they are shown. */
export const toolsOf = (of: Role, kind: string, on: Tool['on']): readonly ComponentType<ToolShown>[] =>
  (all[`${of}:${kind}`] ?? []).flatMap((tool) => (tool.on === on ? (loaded.get(tool) ?? []) : []));
