import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '..');
/** Takes the first line of a build for the whole of it. */
const takesFirst = /\blines\[0\]|\[\s*\w+\s*\]\s*(?::\s*\w+)?\s*=\s*[^;=\n]*\blines\b|\{[^{}]*\blines:\s*\[\s*\w+\s*\]/;

it('nothing takes the first line for the whole build: it goes over all, by id, or by the one that is shown', () => {
  const sources = ['packages/core', 'packages/contracts', 'packages/papers', 'apps/web', 'apps/server', 'apps/cli'].flatMap((part) =>
    readdirSync(join(root, part, 'src'), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
      .map((name) => join(part, 'src', name)),
  );
  expect(sources.length).toBeGreaterThan(300);
  // Where the rule itself says which line is meant.
  const allowed = ['packages/core/src/machine/lines.ts', 'packages/core/src/procedures/evaluate-build.ts'];
  expect(sources.filter((file) => !allowed.includes(file) && takesFirst.test(readFileSync(join(root, file), 'utf8')))).toEqual([]);
  for (const text of [
    'const x = build.lines[0]',
    'const [line] = build.lines;',
    'const [line] = evaluateBuild(build, kinds).lines',
    '({ lines: [line] }: Build) =>',
  ])
    expect(takesFirst.test(text)).toBe(true);
});
