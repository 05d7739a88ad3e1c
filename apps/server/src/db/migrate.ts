import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import type { Config } from '../platform/config.js';
import { stamp, writeDump } from './dump.js';

type Settings = Pick<Config, 'databaseUrl' | 'migrations' | 'dumps' | 'pgDump'>;

/** Any number, the same for every Hobrek: two servers that start together migrate one after the other. */
const migrationLock = 72_314_001;

/**
 * Brings the database to this version's tables. Before it changes one that already holds something, it writes a dump; without a dump it changes nothing.
 * @throws Error in plain words: the dump that failed, or a database written by a newer Hobrek
 */
export async function migrateDatabase(settings: Settings, log: (line: string) => void): Promise<void> {
  const client = new pg.Client({ connectionString: settings.databaseUrl, connectionTimeoutMillis: 5_000 });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock($1)', [migrationLock]);
    const known = await journalOf(settings.migrations);
    const done = await appliedIn(client);
    if (done > known)
      throw new Error(
        `This database has ${done} migrations and this Hobrek knows ${known}: it was written by a newer one, which is needed to open it.`,
      );
    if (done === known) return;
    if (done > 0) log(`Kept a dump before migrating: ${await dump(settings)}`);
    await migrate(drizzle({ client }), { migrationsFolder: settings.migrations });
    log(`Migrated the database: ${done} → ${known}`);
  } finally {
    await client.end();
  }
}

async function journalOf(folder: string): Promise<number> {
  const journal = JSON.parse(await readFile(join(folder, 'meta/_journal.json'), 'utf8')) as { entries: unknown[] };
  return journal.entries.length;
}

async function appliedIn(client: pg.Client): Promise<number> {
  const there = await client.query<{ found: boolean }>(`select to_regclass('drizzle.__drizzle_migrations') is not null as found`);
  if (!there.rows[0]?.found) return 0;
  const rows = await client.query<{ n: number }>('select count(*)::int as n from drizzle.__drizzle_migrations');
  return rows.rows[0]?.n ?? 0;
}

async function dump(settings: Settings): Promise<string> {
  try {
    return await writeDump(settings, `before-migration-${stamp(new Date())}`);
  } catch (error) {
    throw new Error(`The database must be migrated, but the dump before it failed (${(error as Error).message}). Nothing was changed.`);
  }
}
