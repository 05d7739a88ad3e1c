import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './places.mjs';
import { run } from './run.mjs';

/** Where a database is, for the programs of PostgreSQL: in their environment, so that its password is on no command line and in no error. */
export function environmentOf(url) {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  const mode = searchParams.get('sslmode');
  return {
    ...process.env,
    PGHOST: decodeURIComponent(hostname),
    ...(port ? { PGPORT: port } : {}),
    ...(mode ? { PGSSLMODE: mode } : {}),
    ...(username ? { PGUSER: decodeURIComponent(username) } : {}),
    ...(password ? { PGPASSWORD: decodeURIComponent(password) } : {}),
    PGDATABASE: decodeURIComponent(pathname.slice(1)) || 'postgres',
  };
}

/** Runs a program of PostgreSQL on a database; what it prints is kept back, and is in the error when it fails. A patient one is not broken off. @param bin folder of the programs; empty for those on the path */
export const programOn = (bin, url, name, args, patient = false) =>
  run(bin ? join(bin, name) : name, args, { quiet: true, env: environmentOf(url), patient });

/** The same database server, another database. */
export function beside(url, database) {
  const other = new URL(url);
  other.pathname = `/${database}`;
  return String(other);
}

const tables = ['builds', 'revisions', 'notes', 'photos', 'sessions', 'markers', 'gone_builds'];

/**
 * Whether a database is one of Hobrek, of this version or an older one.
 * @returns why it is not, as a sentence goes on; null when it is
 */
export async function strangeIn(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rows } = await client.query(`select tablename from pg_tables where schemaname = 'public'`);
    const names = rows.map(({ tablename }) => tablename);
    if (!names.includes('builds')) return 'has no builds in it';
    const foreign = names.filter((name) => !tables.includes(name));
    if (foreign.length > 0) return `has tables that are not Hobrek’s: ${foreign.join(', ')}`;
    const { rows: migrated } = await client.query(`select to_regclass('drizzle.__drizzle_migrations') is not null as found`);
    if (!migrated[0].found) return null;
    const { rows: done } = await client.query('select count(*)::int as many from drizzle.__drizzle_migrations');
    const known = readdirSync(join(root, 'apps/server/migrations')).filter((name) => name.endsWith('.sql')).length;
    return done[0].many > known ? `is of a newer Hobrek (${done[0].many} migrations, this one knows ${known})` : null;
  } finally {
    await client.end();
  }
}
