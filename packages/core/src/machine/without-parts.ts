import type { Build } from './build.js';

/** The build with nothing on its list of parts, as a variant or a copy of it begins: what is reserved, and what is to buy, is for one machine. */
export function withoutPartsList(build: Build): Build {
  const { finder, ...rest } = build;
  const { parts: _, ...wishes } = finder ?? {};
  return Object.keys(wishes).length === 0 ? rest : { ...rest, finder: wishes };
}
