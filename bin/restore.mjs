// `npm run restore -- FILE [--over]`: puts a backup in the place of what is there. Only while Hobrek is stopped, and over builds only when told to.
import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startCluster } from './parts/database.mjs';
import { beside, programOn, strangeIn } from './parts/database-programs.mjs';
import { holdings } from './parts/holdings.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { takeLock } from './parts/lock.mjs';
import { ownRoleName } from './parts/own-role.mjs';
import { dataFolder } from './parts/places.mjs';
import { Ended, onEnding, unlessEnding } from './parts/run.mjs';
import { replacedName, restoredName } from './parts/tidy-restores.mjs';

const say = (line) => process.stdout.write(`${line}\n`);

async function main() {
  // Ended at any moment, it comes to an end by itself: what it started is stopped on the way out.
  onEnding(() => {});
  checkNode();
  await installPackages((line) => process.stderr.write(`${line}\n`));
  const words = process.argv.slice(2);
  const over = words.includes('--over');
  const [file] = words.filter((word) => word !== '--over');
  if (!file) throw new Error('Say which backup: npm run restore -- my-shed.dump');
  const source = resolve(process.env.INIT_CWD ?? process.cwd(), file);
  if (!existsSync(source)) throw new Error(`There is no file ${source}.`);
  if (process.env.DATABASE_URL)
    throw new Error(
      'DATABASE_URL is set: a backup is put back into Hobrek’s own database only. Use pg_restore for the other, or leave DATABASE_URL out.',
    );
  const data = dataFolder();
  mkdirSync(data, { recursive: true });
  const release = await takeLock(join(data, 'run.lock'), 0);
  if (!release) throw new Error('Hobrek is running on this data. Stop it first, so that nothing is typed into what is being replaced.');
  let cluster;
  try {
    cluster = await startCluster({ folder: data, say, tidy: true, testing: process.env.HOBREK_THROW_AWAY === '1' });
    await restore(cluster, source, data, over);
  } finally {
    await cluster?.stop();
    await release();
  }
}

/** Into a database beside the one there is, by a role that may run nothing; only a restore that ended well takes its place. */
async function restore({ bin, url, admin }, source, data, over) {
  const on = (database, name, args) => programOn(bin, database, name, args);
  await on(url, 'pg_restore', ['--list', source]).catch(taken(`${source} is no backup of Hobrek, or it is damaged. Nothing was changed.`));
  const there = await holdings(url);
  if (there.builds > 0 && !over) {
    throw new Error(`There ${whatIsThere(there)} here. Say --over to put the backup in their place: npm run restore -- ${source} --over`);
  }
  if (there.builds > 0) {
    const before = join(data, 'dumps', `before-restore-${new Date().toISOString().replace(/[:.]/g, '-')}.dump`);
    mkdirSync(join(data, 'dumps'), { recursive: true, mode: 0o700 });
    await on(url, 'pg_dump', ['--format=custom', `--file=${before}`]);
    say(`What was here (there ${whatIsThere(there)}) is kept. It comes back with\n\n  npm run restore -- ${before} --over\n`);
  }
  const restored = beside(url, restoredName);
  const sql = (...statements) =>
    on(beside(admin, 'postgres'), 'psql', ['--no-psqlrc', '--set=ON_ERROR_STOP=1', ...statements.map((each) => `--command=${each}`)]);
  await sql(`create database ${restoredName} owner ${ownRoleName}`);
  try {
    await on(restored, 'pg_restore', [
      '--exit-on-error',
      '--single-transaction',
      '--no-owner',
      '--no-privileges',
      `--dbname=${restoredName}`,
      source,
    ]);
    const strange = await strangeIn(restored);
    if (strange) throw new Error(`it ${strange}`);
    // Who was sent away stays away.
    await on(restored, 'psql', [
      '--no-psqlrc',
      '--set=ON_ERROR_STOP=1',
      `--command=do $$ begin if to_regclass('public.sessions') is not null then delete from sessions; end if; end $$`,
    ]);
  } catch (error) {
    if (error instanceof Ended) throw error;
    await sql(`drop database if exists ${restoredName} with (force)`);
    throw new Error(`${source} could not be put back (${error.message.trim()}). Nothing was changed.`);
  }
  // Both names change at one moment; the old one goes last. From here on it is not broken off: it takes a moment.
  unlessEnding();
  const patiently = (statement) =>
    programOn(bin, beside(admin, 'postgres'), 'psql', ['--no-psqlrc', '--set=ON_ERROR_STOP=1', `--command=${statement}`], true);
  await patiently(`select pg_terminate_backend(pid) from pg_stat_activity where datname in ('hobrek', '${restoredName}')`);
  await patiently(`begin; alter database hobrek rename to ${replacedName}; alter database ${restoredName} rename to hobrek; commit`);
  await patiently(`drop database if exists ${replacedName} with (force)`);
  const { builds, print } = await holdings(url);
  say(`Put back: ${builds === 1 ? 'one build' : `${builds} builds`} with their log. Print of what is in it: ${print}`);
}

/** An error of one’s own for whatever went wrong, but for being ended. */
const taken = (message) => (error) => {
  throw error instanceof Ended ? error : new Error(message);
};

/** What would be replaced, as a sentence goes on: `are 12 builds, 3 notes and one photo, changed last on …`. */
function whatIsThere({ builds, notes, photos, newest }) {
  const many = (count, one) => (count === 1 ? `one ${one}` : `${count} ${one}s`);
  const last = newest ? `, changed last on ${newest.toLocaleString('en-GB')}` : '';
  return `${builds === 1 ? 'is' : 'are'} ${many(builds, 'build')}, ${many(notes, 'note')} and ${many(photos, 'photo')}${last}`;
}

try {
  await main();
} catch (error) {
  process.stderr.write(`${error instanceof Ended ? 'Broken off. Nothing was changed.' : error.message}\n`);
  process.exit(error.exit ?? 1);
}
