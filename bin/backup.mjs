// `npm run backup -- FILE`: the whole database in one file, whether Hobrek is running or not.
import { closeSync, existsSync, openSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startCluster } from './parts/database.mjs';
import { programOn, strangeIn } from './parts/database-programs.mjs';
import { holdings } from './parts/holdings.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { takeLock } from './parts/lock.mjs';
import { dataFolder } from './parts/places.mjs';
import { Ended, onEnding } from './parts/run.mjs';

const say = (line) => process.stdout.write(`${line}\n`);

async function main() {
  // Ended at any moment, it comes to an end by itself: what it started is stopped on the way out.
  onEnding(() => {});
  checkNode();
  await installPackages((line) => process.stderr.write(`${line}\n`));
  const [file] = process.argv.slice(2);
  if (!file) throw new Error('Say where to: npm run backup -- my-shed.dump');
  const target = resolve(process.env.INIT_CWD ?? process.cwd(), file);
  if (existsSync(target)) throw new Error(`${target} is there already. Name a file that is not.`);
  const { DATABASE_URL: given } = process.env;
  if (given) return dump({ bin: '', url: given }, target);
  const cluster = await startCluster({ folder: dataFolder(), say, testing: process.env.HOBREK_THROW_AWAY === '1' });
  try {
    await dump(cluster, target);
  } finally {
    await leave(cluster);
  }
}

/** Stops what was started for the backup, unless a Hobrek was started meanwhile that works on it. */
async function leave(cluster) {
  if (cluster.joined) return;
  const release = await takeLock(join(dataFolder(), 'run.lock'), 0, true);
  if (!release) return;
  await cluster.stop();
  await release();
}

/** Written beside, for its owner alone, and renamed when it is whole: one that is broken off leaves nothing under the name that was said. */
async function dump({ bin, url }, target) {
  const strange = await strangeIn(url);
  if (strange) throw new Error(`There is nothing to back up: the database ${strange}.`);
  const half = `${target}.half`;
  rmSync(half, { force: true });
  closeSync(openSync(half, 'w', 0o600));
  try {
    await programOn(bin, url, 'pg_dump', ['--format=custom', `--file=${half}`]);
    renameSync(half, target);
  } finally {
    rmSync(half, { force: true });
  }
  const { builds, print } = await holdings(url);
  say(`${target} holds ${builds === 1 ? 'one build' : `${builds} builds`} with their log. Print of what is in it: ${print}`);
}

try {
  await main();
} catch (error) {
  process.stderr.write(`${error instanceof Ended ? 'Broken off: there is no backup.' : error.message}\n`);
  process.exit(error.exit ?? 1);
}
