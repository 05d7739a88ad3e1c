// Prints how much of the TypeScript is tests: `*.test.ts(x)` and `e2e/`. Blank lines and comments count for neither.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './parts/places.mjs';

const isTest = (file) => /\.test\.tsx?$/.test(file) || file.startsWith('e2e/');
const isLeftOut = (file) => file.includes('/migrations/') || file.includes('/db/tables/') || file.includes('/catalog/');
const isCode = (line) => !/^\s*($|\/\/|\/?\*)/.test(line);

export function testShare() {
  const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', '*.ts', '*.tsx'], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter(Boolean);
  let [tests, all] = [0, 0];
  for (const file of files.filter((each) => !isLeftOut(each))) {
    const lines = readFileSync(join(root, file), 'utf8').split('\n').filter(isCode).length;
    all += lines;
    if (isTest(file)) tests += lines;
  }
  return { tests, all, share: tests / all };
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const { tests, all, share } = testShare();
  process.stdout.write(`Tests are ${tests} of ${all} lines of TypeScript: ${(100 * share).toFixed(1)} %\n`);
}
