import type { Build } from '@hobrek/core';

/** Longest name of a build. */
const longest = 120;

/** A build to begin another one with: what it has reserved, and what is to buy for it, is for the one machine. */
export function copied(build: Build, name: string): Build {
  const { finder, ...rest } = build;
  const { parts: _, ...wishes } = finder ?? {};
  return { ...rest, name: name.slice(0, longest), ...(Object.keys(wishes).length > 0 ? { finder: wishes } : {}) };
}
