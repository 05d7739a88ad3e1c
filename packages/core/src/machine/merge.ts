import { isBriefPart } from './brief-fields.js';
import type { Build } from './build.js';
import { isObject, type Plain, same } from './same.js';

/** A place that both sides changed, differently. */
export interface Conflict {
  /** Keys from the top of the document: `lines`, `main`, `source`, `inputs`, `power`. Members of a list are named by their id. */
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged {
  /** Both sides' changes; where they conflict, mine or theirs as chosen. */
  readonly build: Build;
  readonly conflicts: readonly Conflict[];
}

/**
 * Joins two sets of changes made from the same build. What only one side changed is taken; what both changed the same way is no conflict;
 * an entry of a field counts as one thing, a table row by row and cell by cell. A conflict is settled by `prefer`, per path.
 */
export function mergeBuilds(base: Build, mine: Build, theirs: Build, prefer: (conflict: Conflict) => 'mine' | 'theirs' = () => 'mine'): Merged {
  const conflicts: Conflict[] = [];
  const settle = (path: readonly string[], m: unknown, t: unknown): unknown => {
    const conflict = { path, mine: m, theirs: t };
    conflicts.push(conflict);
    return prefer(conflict) === 'mine' ? m : t;
  };
  const merge = (b: unknown, m: unknown, t: unknown, path: readonly string[]): unknown => {
    if (same(m, t) || same(t, b)) return m;
    if (same(m, b)) return t;
    if (isList(m) && isList(t) && (isList(b) || b === undefined)) return mergeLists(b ?? [], m, t, path);
    // What both began apart, a feed say, is joined field by field like anything else.
    if (isObject(m) && isObject(t) && (isObject(b) || b === undefined) && !isEntry(m) && !isEntry(t)) return mergeObjects(b ?? {}, m, t, path);
    return settle(path, m, t);
  };
  const mergeObjects = (b: Plain, m: Plain, t: Plain, path: readonly string[]): Plain | undefined => {
    const names = new Set([...Object.keys(m), ...Object.keys(t)]);
    const pairs = [...names].map((name) => [name, merge(b[name], m[name], t[name], [...path, name])] as const);
    const merged = Object.fromEntries(pairs.filter(([, value]) => value !== undefined));
    return isEmptyTable(merged) ? undefined : merged;
  };
  const mergeLists = (b: readonly Plain[], m: readonly Plain[], t: readonly Plain[], path: readonly string[]): unknown => {
    const [of, mineOf, theirsOf] = [byId(b), byId(m), byId(t)];
    // The order is mine, followed by what only they have; what one side took away is gone unless the other changed it.
    const ids = [...new Set([...m, ...t].map((member) => String(member.id)))];
    return ids.map((id) => merge(of.get(id), mineOf.get(id), theirsOf.get(id), [...path, id])).filter((member) => member !== undefined);
  };
  return { build: merge(base, mine, theirs, []) as Build, conflicts };
}

const byId = (list: readonly Plain[]) => new Map(list.map((member) => [String(member.id), member]));
const isEntry = (value: Plain) => 'text' in value && 'how' in value && !('rows' in value);
/** What both sides took the last rows of is not entered. */
const isEmptyTable = ({ how, rows }: Plain) => how !== undefined && Array.isArray(rows) && rows.length === 0;
const isList = (value: unknown): value is readonly Plain[] => Array.isArray(value) && value.every((member) => isObject(member) && 'id' in member);

/**
 * The field, the row, the cell or whatever else holds entries that a conflict is about, as a path: `main/belt/driven`, `wishes/mass`,
 * `main/work/readings/r1/drawn`, `main/@settings/slow/source/speed`; null where it is about something else.
 */
export function placeOfConflict({ path }: Conflict): string | null {
  const [first = '', second = '', third = ''] = path;
  if (isBriefPart(first)) {
    const [, , row, , column] = path.slice(1);
    return [first, second, row, column].filter((part) => part !== undefined).join('/');
  }
  const at = path.indexOf('inputs');
  if (at < 0) return null;
  const [field, , row, , column] = path.slice(at + 1);
  if (first === 'forces') return `@forces/${second}/${field}`;
  if (first === 'shafts') return `@shafts/${second}/@${third}/${path[3]}/${field}`;
  if (third === 'settings' || third === 'phases') return `${second}/@${third}/${path[3]}/${field}`;
  return [second, path[at - 1], field, row, column].filter((part) => part !== undefined).join('/');
}
