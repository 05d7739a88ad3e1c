import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { inject } from 'vitest';

async function admin(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: inject('admin') });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}

/** An empty database for one test file. @returns its address and what drops it */
export async function freshDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `t_${randomBytes(6).toString('hex')}`;
  await admin(`create database ${name}`);
  const url = new URL(inject('admin'));
  url.pathname = `/${name}`;
  return { url: url.toString(), drop: () => admin(`drop database ${name} with (force)`) };
}
