/** What the pages, the command line, the server and the papers say by themselves: no word that has several meanings, or none that the trade knows. */
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { transformSync } from 'esbuild';
import { expect, it } from 'vitest';
import { quaintIn } from '../packages/core/test/quaint.js';

const root = fileURLToPath(new URL('..', import.meta.url));
const folders = ['apps/cli/src', 'apps/server/src', 'apps/web/src', 'packages/contracts/src', 'packages/papers/src'];
const files = folders.flatMap((folder) =>
  readdirSync(`${root}${folder}`, { recursive: true })
    .map((name) => `${folder}/${name}`)
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name)),
);

/** As esbuild writes it: without comments, every text in quotes, what is between tags as well. Names of styles are nothing that anyone reads. */
const quoted = /(className: )?(?:"((?:[^"\\]|\\.)*)"|`((?:[^`\\]|\\.)*)`)/g;

function textsIn(file: string): string[] {
  const source = readFileSync(`${root}${file}`, 'utf8');
  const { code } = transformSync(source, {
    loader: file.endsWith('x') ? 'tsx' : 'ts',
    jsx: 'automatic',
    charset: 'utf8',
    tsconfigRaw: { compilerOptions: { experimentalDecorators: true } },
  });
  return [...code.matchAll(quoted)]
    .flatMap(([, style, plain = '', template = '']) => (style ? [] : [plain || template]))
    .filter((text) => /\w \w/.test(text));
}

it('says what it says in plain words', () => {
  const texts = files.flatMap((file) => textsIn(file).map((text) => ({ file, text })));
  expect(texts.length).toBeGreaterThan(300);
  expect(texts.some(({ text }) => text.includes('Figures are shown in'))).toBe(true);
  expect(texts.flatMap(({ file, text }) => quaintIn(text).map((wrong) => `${file}: ${wrong}`))).toEqual([]);
});
