import type { Build, BuildSummary } from '@hobrek/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, desc, eq, sql } from 'drizzle-orm';
import { DATABASE, type Database } from '../../db/database.js';
import { builds } from '../../db/tables/builds.js';

export interface Contents {
  readonly build: Build;
  readonly summary: BuildSummary;
  readonly engine: number;
}

export type BuildRow = typeof builds.$inferSelect;

/** What became of a save: written, or the version that stands instead; undefined when there is no such build. */
export type Saved = { readonly row: BuildRow } | { readonly stands: number } | undefined;

const columns = ({ build, summary, engine }: Contents) => ({ name: build.name, document: build, summary, engine });

@Injectable()
export class BuildsRepository {
  constructor(@Inject(DATABASE) private readonly database: Database) {}

  /** Newest change first. */
  list(limit: number): Promise<BuildRow[]> {
    return this.database.select().from(builds).orderBy(desc(builds.changedAt), builds.id).limit(limit);
  }

  async find(id: string): Promise<BuildRow | undefined> {
    const [row] = await this.database.select().from(builds).where(eq(builds.id, id));
    return row;
  }

  async add(contents: Contents): Promise<BuildRow> {
    const [row] = await this.database.insert(builds).values(columns(contents)).returning();
    return row as BuildRow;
  }

  /** Writes only on top of the version the change started from. The same save sent twice is written once. */
  async save(id: string, from: number, contents: Contents, saveId: string | null): Promise<Saved> {
    const [row] = await this.database
      .update(builds)
      .set({ ...columns(contents), version: sql`${builds.version} + 1`, savedBy: saveId, changedAt: sql`now()` })
      .where(and(eq(builds.id, id), eq(builds.version, from)))
      .returning();
    if (row) return { row };
    const now = await this.find(id);
    if (!now) return undefined;
    const alreadyWritten = saveId !== null && now.savedBy === saveId && now.version === from + 1;
    return alreadyWritten ? { row: now } : { stands: now.version };
  }

  /** Keeps a summary worked out again, unless the build has moved on meanwhile. */
  async refresh(id: string, version: number, summary: BuildSummary, engine: number): Promise<void> {
    await this.database
      .update(builds)
      .set({ summary, engine })
      .where(and(eq(builds.id, id), eq(builds.version, version)));
  }

  async remove(id: string, from: number): Promise<'removed' | { readonly stands: number } | undefined> {
    const rows = await this.database
      .delete(builds)
      .where(and(eq(builds.id, id), eq(builds.version, from)))
      .returning({ id: builds.id });
    if (rows.length > 0) return 'removed';
    const now = await this.find(id);
    return now && { stands: now.version };
  }

  async ping(): Promise<void> {
    await this.database.execute(sql`select 1`);
  }
}
