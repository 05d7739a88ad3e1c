import { spawn } from 'node:child_process';
import { mkdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Config } from '../platform/config.js';

export type DumpSettings = Pick<Config, 'databaseUrl' | 'dumps' | 'pgDump'>;

/**
 * The whole database in PostgreSQL's own custom format. Written beside its final name and renamed, so that a dump that is there is whole.
 * @param name of the file, without its ending
 * @returns its path
 * @throws Error with what the program said
 */
export async function writeDump({ dumps, pgDump, databaseUrl }: DumpSettings, name: string): Promise<string> {
  await mkdir(dumps, { recursive: true, mode: 0o700 });
  const file = join(dumps, `${name}.dump`);
  const part = `${file}.${process.pid}.part`;
  const url = new URL(databaseUrl);
  const password = decodeURIComponent(url.password);
  url.password = '';
  const child = spawn(pgDump, ['--format=custom', `--file=${part}`, `--dbname=${url}`], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, PGPASSWORD: password },
  });
  let said = '';
  child.stderr.on('data', (piece) => {
    said += piece;
  });
  const code = await new Promise<number | string>((resolve) => {
    child.on('error', (error) => resolve(error.message));
    child.on('close', resolve);
  });
  if (code !== 0) {
    await rm(part, { force: true });
    throw new Error(`${said.trim() || code}. Is ${pgDump} there, in the version of the server?`);
  }
  await rename(part, file);
  return file;
}

/** A moment as part of a file's name. */
export const stamp = (at: Date): string => at.toISOString().replace(/[:.]/g, '-');
