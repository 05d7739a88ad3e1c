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

/** What a chunk is called, by the module, for each of them. */
type Parts = ReadonlyMap<string, string>;

/**
 * What is loaded together, in this order: what every page has; the list of builds; the computation, the dialogs, the first screen and the kinds of a build; what its other stops,
 * its commands and the tools of kinds need besides; what has charts. Each needs only what is before it. Pages by themselves are left as the bundler has them.
 */
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
  const list = needed(loadedBy(entry, /features\/builds\/index/));
  const page = needed(loadedBy(entry, /app\/build-page/));
  const stops = loadedBy(page, /features\/[^/]+\/[^/]+-stop\.tsx$/);
  const drawn = stops.filter((stop) => [...needed([stop])].some((id) => /node_modules\/recharts\//.test(id)));
  const first = needed([...page, ...stops.filter((stop) => /overview-stop/.test(stop))]);
  const kinds = needed(loadedBy(first, /kinds\/(?:feed|source|stage|work)\/[^/]+\/kind\.ts$/));
  const beside = loadedBy(first, /src\/kinds\/[^/]+\/[^/]+\.tsx$|frame\/all-commands|text-sheet/);
  const rest = needed([...stops.filter((stop) => !drawn.includes(stop)), ...beside]);
  const charts = needed(drawn);
  // Dialogs, dates and the like, which pages without a build have as well: those are not to fetch the computation with them.
  const elsewhere = needed(loadedBy(new Set([...entry, ...list, ...needed(loadedBy(entry, /features\/commands/))]), /^(?!.*app\/build-page)/));
  const isOfCore = (id: string) => isOwn(id) && id.includes('/packages/core/');
  const isShared = (id: string) => elsewhere.has(id) && ![...needed([id])].some(isOfCore);
  const parts = new Map<string, string>();
  const put = (name: string, ids: Iterable<string>) => {
    for (const id of ids) if (!parts.has(id)) parts.set(id, name);
  };
  put('index', entry);
  put('shared', needed([...list].filter((id) => first.has(id))));
  put('builds-list', list);
  put('long-rows', needed(loadedBy(list, /long-rows/)));
  put('core', needed([...first].filter(isOfCore)));
  put('dialogs', [...first].filter(isShared));
  put('build', first);
  put('kinds', kinds);
  put('core-more', needed([...rest, ...charts].filter(isOfCore)));
  put('commands', [...rest].filter(isShared));
  put('stops', rest);
  put('charts', charts);
  return parts;
}

/**
 * Which chunk a module goes into. Left alone, every two pages that share a module make a chunk of it: a hundred and fifty small files to fetch before a build is
 * seen.
 */
export function chunkOf(main: string): (id: string, context: { readonly getModuleInfo: Known }) => string | null {
  let parts: Parts | null = null;
  return (id, context) => {
    parts ??= partsOf((each) => context.getModuleInfo(each), main);
    return parts.get(id) ?? null;
  };
}
