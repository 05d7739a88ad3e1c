import type { Drawer, ReservedPart } from '@hobrek/contracts';
import { type Inputs, reservedIn } from '@hobrek/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { DATABASE, type Database } from '../../db/database.js';
import { builds } from '../../db/tables/builds.js';
import { drawer } from '../../db/tables/drawer.js';

const only = eq(drawer.id, 1);
const shown = { text: drawer.text, version: drawer.version };

@Injectable()
export class DrawerRepository {
  constructor(@Inject(DATABASE) private readonly database: Database) {}

  async read(): Promise<Drawer> {
    const [row] = await this.database.select(shown).from(drawer).where(only);
    return row ?? { text: '', version: 0 };
  }

  /** @returns null where it is no longer the version that the change was made from */
  async save(from: number, text: string): Promise<Drawer | null> {
    const [row] =
      from === 0
        ? await this.database.insert(drawer).values({ text, version: 1 }).onConflictDoNothing().returning(shown)
        : await this.database
            .update(drawer)
            .set({ text, version: sql`${drawer.version} + 1`, changedAt: sql`now()` })
            .where(and(only, eq(drawer.version, from)))
            .returning(shown);
    return row ?? null;
  }

  /** What the builds of the shed have reserved of it. */
  async reserved(): Promise<ReservedPart[]> {
    const finder = sql<Inputs>`${builds.document}->'finder'`;
    const rows = await this.database
      .select({ id: builds.id, name: builds.name, finder })
      .from(builds)
      .where(and(isNull(builds.deletedAt), sql`${builds.document}->'finder'->'parts' is not null`))
      .orderBy(builds.createdAt, builds.id);
    return rows.flatMap((row) => reservedIn(row.finder, row.name).map((each) => ({ id: row.id, ...each })));
  }
}
