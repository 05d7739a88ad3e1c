export type Plain = Readonly<Record<string, unknown>>;

export const isObject = (value: unknown): value is Plain => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Equal by value, whatever the order of the names: a database returns them in its own. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((member, k) => same(member, b[k]));
  if (!isObject(a) || !isObject(b)) return false;
  const names = Object.keys(a).filter((name) => a[name] !== undefined);
  return names.length === Object.keys(b).filter((name) => b[name] !== undefined).length && names.every((name) => same(a[name], b[name]));
}
