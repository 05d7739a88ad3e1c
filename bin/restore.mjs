// `npm run restore -- FILE [--over]`: puts a backup in the place of what is there. Only while Hobrek is stopped, and over builds only when told to.
import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startCluster } from './parts/database.mjs';
import { beside, programOn, strangeIn } from './parts/database-programs.mjs';
import { holdings } from './parts/holdings.mjs';
import { checkNode, installPackages } from './parts/install.mjs';
import { takeLock } from './parts/lock.mjs';
import { dataFolder } from './parts/places.mjs';

const say = (line) => process.stdout.write(`${line}\n`);

async function main() {
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
    cluster = await startCluster({ folder: data, say, testing: process.env.HOBREK_THROW_AWAY === '1' });
    await restore(cluster, source, data, over);
  } finally {
    await cluster?.stop();
    await release();
  }
}

/** Into a database beside the one there is; only a restore that ended well takes its place. */
async function restore({ bin, url }, source, data, over) {
  const on = (database, name, args) => programOn(bin, database, name, args);
  await on(url, 'pg_restore', ['--list', source]).catch(() => {
    throw new Error(`${source} is no backup of Hobrek, or it is damaged. Nothing was changed.`);
  });
  const there = await holdings(url);
  if (there.builds > 0 && !over) {
    throw new Error(`There are ${there.builds} builds here. Say --over to put the backup in their place: npm run restore -- ${source} --over`);
  }
  if (there.builds > 0) {
    const before = join(data, 'dumps', `before-restore-${new Date().toISOString().replace(/[:.]/g, '-')}.dump`);
    mkdirSync(join(data, 'dumps'), { recursive: true, mode: 0o700 });
    await on(url, 'pg_dump', ['--format=custom', `--file=${before}`]);
    say(`What was here is kept in ${before}`);
  }
  const restored = beside(url, 'hobrek_restored');
  const sql = (...statements) =>
    on(beside(url, 'postgres'), 'psql', ['--no-psqlrc', '--set=ON_ERROR_STOP=1', ...statements.map((each) => `--command=${each}`)]);
  // What a restore that was broken off left behind.
  await sql('drop database if exists hobrek_restored with (force)', 'drop database if exists hobrek_replaced with (force)');
  await sql('create database hobrek_restored');
  try {
    await on(restored, 'pg_restore', ['--exit-on-error', '--single-transaction', '--no-owner', '--dbname=hobrek_restored', source]);
    const strange = await strangeIn(restored);
    if (strange) throw new Error(`it ${strange}`);
    // Who was sent away stays away.
    await on(restored, 'psql', [
      '--no-psqlrc',
      '--set=ON_ERROR_STOP=1',
      `--command=do $$ begin if to_regclass('public.sessions') is not null then delete from sessions; end if; end $$`,
    ]);
  } catch (error) {
    await sql('drop database if exists hobrek_restored with (force)');
    throw new Error(`${source} could not be put back (${error.message.trim()}). Nothing was changed.`);
  }
  // Both names change at one moment; the old one goes last.
  await sql(`select pg_terminate_backend(pid) from pg_stat_activity where datname in ('hobrek', 'hobrek_restored')`);
  await sql('begin; alter database hobrek rename to hobrek_replaced; alter database hobrek_restored rename to hobrek; commit');
  await sql('drop database if exists hobrek_replaced with (force)');
  const { builds, print } = await holdings(url);
  say(`Put back: ${builds === 1 ? 'one build' : `${builds} builds`} with their log. Print of what is in it: ${print}`);
}

try {
  await main();
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
