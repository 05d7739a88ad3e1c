// `npm run reach -- <commit> …`: whether commits that add or change a kind touch only the kind's own folders, its formulas and tables, and the registries.
import { execFileSync } from 'node:child_process';
import { pathToFileURL } from 'node:url';
import { root } from './parts/places.mjs';

/** Where a kind lives, and the one line in each registry that it needs. */
const own = [
  /^packages\/core\/src\/kinds\/(source|stage|work|feed)\/[^/]+\//,
  /^packages\/core\/src\/kinds\/(registry|drawings)\.ts$/,
  /^packages\/core\/src\/(formulas|catalog|geometry)\//,
  /^packages\/core\/src\/procedures\/procedure-words\.ts$/,
  /^packages\/core\/test\//,
  /^packages\/contracts\/test\/samples\//,
  /^apps\/web\/src\/kinds\//,
  /^demo\//,
  /^docs\//,
  /^e2e\//,
];

/** Files of a change that a kind by itself should not need. */
export const beyond = (files) => files.filter((file) => !own.some((pattern) => pattern.test(file)));

const touched = (commit) =>
  execFileSync('git', ['show', '--name-only', '--format=', commit], { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean);

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const commits = process.argv.slice(2);
  if (commits.length === 0) {
    process.stderr.write('Name a commit that adds a kind: npm run reach -- HEAD\n');
    process.exitCode = 2;
  }
  for (const commit of commits) {
    const files = touched(commit);
    const far = beyond(files);
    process.stdout.write(
      far.length === 0
        ? `${commit}: ${files.length} files, all the kind's own\n`
        : `${commit}: reaches beyond the kind's own folders:\n  ${far.join('\n  ')}\n`,
    );
    if (far.length > 0) process.exitCode = 1;
  }
}
