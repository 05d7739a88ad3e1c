import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';

export type Database = NodePgDatabase & { $client: pg.Pool };

export const DATABASE = Symbol('database');

/** A pool that gives up in seconds, not minutes, and survives the database going away while idle. */
export function openDatabase(url: string): Database {
  const pool = new pg.Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 3_000, statement_timeout: 5_000, query_timeout: 6_000 });
  pool.on('error', () => {
    // An idle connection broke; the next query opens another and reports for itself.
  });
  // One that breaks while it is in use, between two statements of a transaction, has no other listener: without this the server would end with it. The next
  // statement reports.
  pool.on('connect', (client) => client.on('error', () => {}));
  return drizzle({ client: pool });
}
