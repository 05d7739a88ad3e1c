import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { readBuild } from '@hobrek/contracts';
import { engineVersion, loadKinds, summariseBuild } from '@hobrek/core';
import { sql } from 'drizzle-orm';
import type { Database } from './database.js';
import { builds } from './tables/builds.js';
import { drawer } from './tables/drawer.js';
import { markers } from './tables/markers.js';
import { revisions } from './tables/revisions.js';

/**
 * Loads the demo shed once in the life of a database: a marker remembers, so that demo builds which were deleted stay deleted.
 * @returns how many builds were loaded
 * @throws Error naming the demo file and what is wrong in it
 */
export async function loadDemo(database: Database, folder: string): Promise<number> {
  const files = (await readdir(folder)).filter((file) => file.endsWith('.json')).sort();
  const rows = await Promise.all(files.map((file) => demoRow(join(folder, file))));
  const own = await readFile(join(folder, '../samples/drawer.txt'), 'utf8').catch(() => null);
  return database.transaction(async (tx) => {
    const marked = await tx.insert(markers).values({ name: 'demo' }).onConflictDoNothing().returning();
    if (marked.length === 0 || rows.length === 0) return 0;
    const [{ there } = { there: 0 }] = await tx.select({ there: sql<number>`count(*)::int` }).from(builds);
    if (there > 0) return 0;
    // A second apart, so that the list has them in the order of their files.
    const dated = rows.map((row, k) => ({ ...row, changedAt: sql`now() - ${k} * interval '1 second'` }));
    const added = await tx.insert(builds).values(dated).returning();
    if (own !== null) await tx.insert(drawer).values({ text: own, version: 1 }).onConflictDoNothing();
    await tx.insert(revisions).values(added.map(({ id, version, document }) => ({ build: id, version, document })));
    return rows.length;
  });
}

async function demoRow(file: string): Promise<typeof builds.$inferInsert> {
  const read = readBuild(JSON.parse(await readFile(file, 'utf8')));
  if (!read.ok) throw new Error(`${file}: ${read.complaints.map(({ path, says }) => `${path} ${says}`).join('; ')}`);
  const { build } = read;
  return { name: build.name, document: build, summary: summariseBuild(build, await loadKinds(build)), engine: engineVersion };
}
