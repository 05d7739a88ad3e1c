import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../parts/places.mjs';

const file = join(root, 'docs/bench.md');

const head = `# How fast it was

Made by \`npm run bench\`. Machines are noisy: ratios within one run say more than milliseconds. The last run stands beside the one before.

`;

/** The rows of the report that is there: what was measured, and what the last run said. */
function lastRun() {
  if (!existsSync(file)) return new Map();
  const rows = readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('| ') && !line.startsWith('| what') && !/^\|[\s|:-]+$/.test(line))
    .map((line) => line.split('|').map((cell) => cell.trim()));
  return new Map(rows.map(([, what, measured]) => [what, measured]));
}

/** Writes the report anew: rows that were not measured this time keep their last value. */
export function writeReport(rows, machine, at = new Date().toISOString().slice(0, 10)) {
  const before = lastRun();
  const now = new Map(rows.map(([what, measured, wanted]) => [what, { measured, wanted }]));
  const lines = [...new Set([...before.keys(), ...now.keys()])].map((what) => {
    const { measured, wanted } = now.get(what) ?? { measured: before.get(what), wanted: '' };
    return `| ${what} | ${measured} | ${before.get(what) ?? ''} | ${wanted.replace('wanted: ', '')} |`;
  });
  writeFileSync(
    file,
    `${head}Last run: ${at}, ${machine}.\n\n| what | last run | the one before | wanted |\n| --- | --- | --- | --- |\n${lines.join('\n')}\n`,
  );
}
