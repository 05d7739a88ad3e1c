// `npm run backup -- FILE`: the whole database in one file, whether Hobrek is running or not.
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startCluster } from './parts/database.mjs';
import { holdings } from './parts/holdings.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { dataFolder } from './parts/places.mjs';
import { run } from './parts/run.mjs';

const say = (line) => process.stdout.write(`${line}\n`);

async function main() {
  checkNode();
  await installPackages((line) => process.stderr.write(`${line}\n`));
  const [file] = process.argv.slice(2);
  if (!file) throw new Error('Say where to: npm run backup -- my-shed.dump');
  const target = resolve(process.env.INIT_CWD ?? process.cwd(), file);
  if (existsSync(target)) throw new Error(`${target} is there already. Name a file that is not.`);
  const cluster = await startCluster({ folder: dataFolder(), say, testing: process.env.HOBREK_THROW_AWAY === '1' });
  try {
    await run(join(cluster.bin, 'pg_dump'), ['--format=custom', `--file=${target}`, `--dbname=${cluster.url}`], { quiet: true });
    const { builds, print } = await holdings(cluster.url);
    say(`${target} holds ${builds === 1 ? 'one build' : `${builds} builds`} with their log. Print of what is in it: ${print}`);
  } finally {
    if (!cluster.joined) await cluster.stop();
  }
}

try {
  await main();
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
