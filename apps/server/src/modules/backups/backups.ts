import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Backup } from '@hobrek/contracts';
import { type DumpSettings, stamp, writeDump } from '../../db/dump.js';

/** What the name of a dump says of how it came about, and how many of each are kept: by hand all of them, they are the person's own. */
const kept: Readonly<Record<string, number>> = { daily: 7, 'before-migration': 5, 'by-hand': Number.POSITIVE_INFINITY };
const dumpName = /^(daily|before-migration|before-restore|by-hand)-[\w-]+\.dump$/;

const day_ms = 24 * 60 * 60 * 1000;

/** Dumps in the folder, newest first; other files in it are not ours. */
export async function listBackups(folder: string): Promise<Backup[]> {
  const names = (await readdir(folder).catch(() => [] as string[])).filter((name) => dumpName.test(name));
  const found = await Promise.all(
    names.map(async (name) => {
      const { size, mtime } = await stat(join(folder, name));
      return { name, path: join(folder, name), bytes: size, at: mtime.toISOString() };
    }),
  );
  return found.sort((a, b) => (a.at < b.at ? 1 : -1));
}

/** Where a dump of that name is; null when there is none, whatever the name says. */
export async function pathOfBackup(folder: string, name: string): Promise<string | null> {
  return (await listBackups(folder)).some((each) => each.name === name) ? join(folder, name) : null;
}

export const backUpByHand = (settings: DumpSettings, now = new Date()): Promise<string> => writeDump(settings, `by-hand-${stamp(now)}`);

/**
 * A dump a day, the last seven kept. Called often: it does nothing while the last one is younger than a day.
 * @returns the dump that was written, or null
 */
export async function backUpDaily(settings: DumpSettings, now = new Date()): Promise<string | null> {
  const last = (await listBackups(settings.dumps)).find(({ name }) => name.startsWith('daily-'));
  if (last && now.getTime() - Date.parse(last.at) < day_ms) return null;
  const file = await writeDump(settings, `daily-${stamp(now)}`);
  await thin(settings.dumps);
  return file;
}

async function thin(folder: string): Promise<void> {
  const all = await listBackups(folder);
  for (const [kind, many] of Object.entries(kept)) {
    const old = all.filter(({ name }) => name.startsWith(`${kind}-`)).slice(many);
    for (const { name } of old) await rm(join(folder, name), { force: true });
  }
}
