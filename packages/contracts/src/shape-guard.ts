import { shapeLimits } from './build/limits.js';
import type { Complaint } from './problem.js';

/**
 * Refuses what would trip a validator before it has judged anything: deep nesting, floods of values or keys, null in a list, text that
 * PostgreSQL cannot store, keys every object already has. Walks with a list of its own, so that depth cannot overflow the stack.
 * @returns what is wrong, or undefined
 */
export function shapeGuard(root: unknown): Complaint | undefined {
  const open: { value: unknown; path: string; depth: number }[] = [{ value: root, path: '', depth: 0 }];
  let seen = 0;
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, path, depth } = next;
    const at = (says: string): Complaint => ({ path: path || 'the file', says });
    if (++seen > shapeLimits.values) return at(`holds more than ${shapeLimits.values} values`);
    if (depth > shapeLimits.depth) return at(`is nested more than ${shapeLimits.depth} deep`);
    if (typeof value === 'string' && (value.includes('\u0000') || !value.isWellFormed())) return at('holds a character that cannot be stored');
    if (typeof value !== 'object' || value === null) continue;
    const under = (key: string | number) => (path ? `${path}.${key}` : `${key}`);
    if (Array.isArray(value)) {
      if (value.length > shapeLimits.values) return at(`holds more than ${shapeLimits.values} values`);
      for (const [k, each] of value.entries()) {
        if (each === null) return { path: under(k), says: 'must not be null' };
        open.push({ value: each, path: under(k), depth: depth + 1 });
      }
      continue;
    }
    const keys = Object.keys(value);
    if (keys.length > shapeLimits.keys) return at(`has more than ${shapeLimits.keys} names in it`);
    for (const key of keys) {
      if (key in Object.prototype) return { path: under(key.slice(0, 40)), says: 'is a name that cannot be used' };
      if (key.includes('\u0000') || !key.isWellFormed()) return at('has a name with a character that cannot be stored');
      open.push({ value: (value as Record<string, unknown>)[key], path: under(key.slice(0, 80)), depth: depth + 1 });
    }
  }
  return undefined;
}
