import { deepEqual } from 'node:assert';
import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { loadKinds } from '../kinds/registry.js';
import type { Build } from '../machine/build.js';
import { sayAll, wordingFor } from '../wording/wording.js';
import { evaluateBuild } from './evaluate-build.js';

const folder = new URL('../../../../demo/', import.meta.url);
const demos = readdirSync(folder).map((name) => [name, JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as Build] as const);
const kinds = await loadKinds();

/** Where something is that is no plain data: a function, a getter, an object of a class. */
function impure(value: unknown, path: string, seen = new Set<unknown>()): string[] {
  if (typeof value === 'function') return [path];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  seen.add(value);
  if (value instanceof Map) return [...value].flatMap(([key, each]) => impure(each, `${path}/${key}`, seen));
  const own = Object.getOwnPropertyDescriptors(value);
  const plain = Array.isArray(value) || Object.getPrototypeOf(value) === Object.prototype;
  return [
    ...(plain ? [] : [path]),
    ...Object.entries(own).flatMap(([key, { get, value: each }]) => (get ? [`${path}/${key}`] : impure(each, `${path}/${key}`, seen))),
  ];
}

it.each(demos)('%s worked out is plain data: it crosses into a worker and says the same there', (_, build) => {
  const evaluation = evaluateBuild(build, kinds);
  expect(impure(evaluation, '')).toEqual([]);
  const there = structuredClone(evaluation);
  // How a figure is worked out anew stays behind, under its symbol.
  expect(() => deepEqual(there, evaluation)).not.toThrow();
  for (const units of ['metric', 'inch'] as const) {
    const wording = wordingFor(build, units);
    const all = (each: typeof evaluation) =>
      sayAll([...each.says, ...each.jam, ...each.notWorkedOut, ...each.checks.map(({ says }) => says)], wording);
    expect(all(there)).toBe(all(evaluation));
  }
});
