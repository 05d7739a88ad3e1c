import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** What is known of a module of the bundle. */
interface Module {
  readonly importedIds: readonly string[];
  readonly dynamicallyImportedIds: readonly string[];
}
type Known = (id: string) => Module | null;

const isOwn = (id: string): boolean => /\.tsx?$/.test(id) && !id.includes('node_modules');
const barrel = /packages\/[^/]+\/src\/index\.ts$/;
/** `{ a, type B, c as d } from 'x'` of imports and of what is passed on, types left out. */
const clauses = /(?:import|export)\s*\{([^}]*)\}\s*from\s*'([^']+)'/g;
const namesOf = (clause: string): string[] =>
  clause
    .split(',')
    .map((each) => each.trim())
    .filter((each) => each && !each.startsWith('type '));

/** The module behind each name that a package's index passes on. */
function behind(index: string): ReadonlyMap<string, string> {
  return new Map(
    [...readFileSync(index, 'utf8').matchAll(clauses)].flatMap(([, clause = '', from = '']) =>
      namesOf(clause).map((name) => [name.split(' as ').at(-1) as string, join(dirname(index), from.replace(/\.js$/, '.ts'))] as const),
    ),
  );
}

/** What a module imports; of a package's index only what is behind the names that it takes. */
function importsOf(known: Known, id: string, indexes: Map<string, ReadonlyMap<string, string>>): readonly string[] {
  const ids = known(id)?.importedIds ?? [];
  if (!isOwn(id) || !ids.some((each) => barrel.test(each))) return ids;
  const taken = [...readFileSync(id, 'utf8').matchAll(clauses)]
    .filter(([, , from]) => from?.startsWith('@hobrek/'))
    .flatMap(([, clause = '']) => namesOf(clause));
  return ids.flatMap((each) => {
    if (!barrel.test(each)) return [each];
    const names = indexes.get(each) ?? behind(each);
    indexes.set(each, names);
    return taken.flatMap((name) => names.get(name.split(' as ')[0] as string) ?? []);
  });
}

interface Parts {
  readonly first: ReadonlySet<string>;
  readonly core: ReadonlySet<string>;
  readonly build: ReadonlySet<string>;
  readonly kinds: ReadonlySet<string>;
  readonly charts: ReadonlySet<string>;
}

const ofCharts = /node_modules\/recharts\//;

/** What is loaded together: the list; the computation; the page of a build with its stops; the kinds; what has charts. Each needs only what is before it. */
function partsOf(known: Known, main: string): Parts {
  const indexes = new Map<string, ReadonlyMap<string, string>>();
  const needed = (from: readonly string[]): Set<string> => {
    const all = new Set<string>();
    const todo = [...from];
    for (let id = todo.pop(); id !== undefined; id = todo.pop()) {
      if (all.has(id)) continue;
      all.add(id);
      todo.push(...importsOf(known, id, indexes));
    }
    return all;
  };
  const loadedBy = (ids: Iterable<string>, test: RegExp): string[] =>
    [...ids].flatMap((id) => (known(id)?.dynamicallyImportedIds ?? []).filter((each) => test.test(each)));
  const entry = needed([main]);
  const first = needed([main, ...loadedBy(entry, /features\/builds\/index/)]);
  const page = needed(loadedBy(entry, /app\/build-page/));
  const stops = loadedBy(page, /features\/[^/]+\/[^/]+-stop\.tsx$/);
  const drawn = stops.filter((stop) => [...needed([stop])].some((id) => ofCharts.test(id)));
  const build = needed([...page, ...stops.filter((stop) => !drawn.includes(stop))]);
  const charts = needed(drawn);
  const kinds = needed(loadedBy(build, /kinds\/(?:feed|source|stage|work)\/[^/]+\/kind\.ts$/));
  const core = needed([...build, ...charts].filter((id) => isOwn(id) && id.includes('/packages/core/')));
  return { first, core, build, kinds, charts };
}

/**
 * Which chunk a module goes into. Left alone, every two pages that share a module make a chunk of it: a hundred and fifty small files to fetch before a build is
 * seen.
 */
export function chunkOf(main: string): (id: string, context: { readonly getModuleInfo: Known }) => string | null {
  let parts: Parts | null = null;
  return (id, context) => {
    parts ??= partsOf((each) => context.getModuleInfo(each), main);
    if (parts.first.has(id)) return null;
    if (parts.core.has(id)) return 'core';
    if (parts.build.has(id)) return 'build';
    if (parts.kinds.has(id)) return 'kinds';
    return parts.charts.has(id) ? 'charts' : null;
  };
}
