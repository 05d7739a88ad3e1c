import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../parts/places.mjs';

const file = join(root, 'docs/bench.md');

const head = `# How fast it was

Made by \`npm run bench\`. Machines are noisy: ratios within one run say more than milliseconds. The last run stands beside the one before; what a run did not measure stays.

`;

/** The rows of the report that is there, by what was measured. */
function rowsThere() {
  if (!existsSync(file)) return new Map();
  const rows = readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('| ') && !/^\| (what |-)/.test(line))
    .map((line) => line.split('|').map((cell) => cell.trim()));
  return new Map(rows.map(([, what, measured, before, wanted]) => [what, { measured, before, wanted }]));
}

/** Writes the report anew, this run's rows over those that were there. @returns its path */
export function writeReport(rows, machine, at = new Date().toISOString().slice(0, 10)) {
  const all = rowsThere();
  for (const [what, measured, wanted] of rows) {
    all.set(what, { measured, before: all.get(what)?.measured ?? '', wanted: wanted.replace('wanted: ', '') });
  }
  const lines = [...all].map(([what, { measured, before, wanted }]) => `| ${what} | ${measured} | ${before} | ${wanted} |`);
  writeFileSync(
    file,
    `${head}Last run: ${at}, ${machine}.\n\n| what | last run | the one before | wanted |\n| --- | --- | --- | --- |\n${lines.join('\n')}\n`,
  );
  return file;
}
