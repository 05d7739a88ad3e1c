import type { ListOrder } from '@hobrek/contracts';
import type { Build, BuildSummary } from '@hobrek/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, desc, eq, gt, ilike, isNotNull, isNull, notExists, or, type SQL, sql } from 'drizzle-orm';
import { announce, announcement } from '../../db/changes.js';
import { DATABASE, type Database } from '../../db/database.js';
import { builds, goneBuilds } from '../../db/tables/builds.js';
import { revisions } from '../../db/tables/revisions.js';

export interface Contents {
  readonly build: Build;
  readonly summary: BuildSummary;
  readonly engine: number;
}

/** Which builds a list shows, and in which order. */
export interface Ordered {
  readonly find: string;
  readonly sort: ListOrder;
}

export interface Listing extends Ordered {
  /** How many of the list are passed over: what was shown before. */
  readonly from: number;
  readonly many: number;
}

/** Who saved, and as part of which step: saves of one step are one revision. */
export interface SavedAs {
  readonly saveId: string | null;
  readonly step: string | null;
  readonly by: string;
}

export type BuildRow = typeof builds.$inferSelect;
export type RevisionRow = typeof revisions.$inferSelect;

/** What became of a save: written, or the version that is there instead; undefined when there is no such build. */
export type Saved = { readonly row: BuildRow } | { readonly current: number } | undefined;

/** What else belongs to a change, in its transaction. */
type Inside = (tx: Pick<Database, 'insert'>) => Promise<void>;

/** In the shed: not deleted. */
const inShed = isNull(builds.deletedAt);

function matching(find: string) {
  if (find === '') return inShed;
  const words = `%${find.replace(/[\\%_]/g, '\\$&')}%`;
  return and(inShed, or(ilike(builds.name, words), sql`${builds.summary}->>'says' ilike ${words}`));
}

const newest = [desc(builds.changedAt), sql`${builds.id}`];
const worst = sql`array_position(array['fails', 'unknown', 'close', 'holds'], ${builds.summary}->>'verdict')`;
/** Of two alike the latest change first; each ends in what no two have alike, so that a list in portions shows each once. */
const orders: Readonly<Record<ListOrder, readonly SQL[]>> = {
  newest,
  worst: [worst, ...newest],
  name: [sql`lower(${builds.name})`, ...newest],
};

/** How long a deleted build can be brought back. */
const keptFor = sql`interval '30 days'`;

/** The last version of a build that is gone for good; 0 where there was none. */
async function lastVersion(tx: Pick<Database, 'select'>, id: string): Promise<number> {
  const [gone] = await tx.select({ version: goneBuilds.version }).from(goneBuilds).where(eq(goneBuilds.id, id));
  return gone?.version ?? 0;
}

const columns = ({ build, summary, engine }: Contents) => ({ name: build.name, document: build, summary, engine });

/** How long the saves of a step are one revision. */
const stepLasts = sql`interval '5 minutes'`;

/** A save and its revision in one statement, parsed and planned once for a connection. */
function saving(database: Database) {
  const { placeholder } = sql;
  const written = database.$with('written').as(
    database
      .update(builds)
      .set({
        name: sql`${placeholder('name')}`,
        document: sql`${placeholder('document')}`,
        summary: sql`${placeholder('summary')}`,
        engine: sql`${placeholder('engine')}`,
        version: sql`${builds.version} + 1`,
        savedBy: sql`${placeholder('saveId')}`,
        changedAt: sql`now()`,
      })
      .where(and(eq(builds.id, placeholder('id')), eq(builds.version, placeholder('from')), inShed))
      .returning({ id: builds.id, version: builds.version, document: builds.document, createdAt: builds.createdAt, changedAt: builds.changedAt }),
  );
  const continued = database.$with('continued').as(
    database
      .update(revisions)
      .set({ version: sql`${written.version}`, document: sql`${written.document}`, savedAt: sql`now()` })
      .from(written)
      .where(
        and(
          eq(revisions.build, written.id),
          eq(revisions.version, sql`${written.version} - 1`),
          eq(revisions.step, placeholder('step')),
          gt(revisions.startedAt, sql`now() - ${stepLasts}`),
        ),
      )
      .returning({ build: revisions.build }),
  );
  const begun = database.$with('begun').as(
    database
      .insert(revisions)
      .select((query) =>
        query
          .select({
            build: written.id,
            version: written.version,
            document: written.document,
            step: sql`${placeholder('step')}::uuid`.as('step'),
            madeBy: sql`${placeholder('by')}::text`.as('made_by'),
            startedAt: sql`now()`.as('started_at'),
            savedAt: sql`now()`.as('saved_at'),
          })
          .from(written)
          .where(notExists(query.select({ build: continued.build }).from(continued))),
      )
      .returning({ build: revisions.build }),
  );
  const told = database
    .$with('told')
    .as(database.select({ told: announcement(sql`${written.id}`, sql`${written.version}`).as('told') }).from(written));
  return database
    .with(written, continued, begun, told)
    .select({ version: written.version, createdAt: written.createdAt, changedAt: written.changedAt, told: sql`(select count(*) from ${told})` })
    .from(written)
    .prepare('save-build');
}

@Injectable()
export class BuildsRepository {
  /** Needed at every opening: parsed and planned once for a connection. */
  private readonly byId;
  /** Needed at every save. */
  private readonly saved;

  constructor(@Inject(DATABASE) private readonly database: Database) {
    this.byId = database
      .select()
      .from(builds)
      .where(and(eq(builds.id, sql.placeholder('id')), inShed))
      .prepare('build-by-id');
    this.saved = saving(database);
  }

  /** Of those whose name or sentence holds the words, if any are given. */
  list({ find, sort, from, many }: Listing): Promise<BuildRow[]> {
    return this.database
      .select()
      .from(builds)
      .where(matching(find))
      .orderBy(...orders[sort])
      .limit(many)
      .offset(from);
  }

  /** Where in that list a build is, counted from nought; undefined where it is not in it. */
  async place(id: string, { find, sort }: Ordered): Promise<number | undefined> {
    const placed = this.database
      .select({ id: builds.id, at: sql<number>`(row_number() over (order by ${sql.join([...orders[sort]], sql`, `)}) - 1)::int`.as('at') })
      .from(builds)
      .where(matching(find))
      .as('placed');
    const [row] = await this.database.select({ at: placed.at }).from(placed).where(eq(placed.id, id));
    return row?.at;
  }

  /** How many there are, of those whose name or sentence holds the words. */
  count(find: string): Promise<number> {
    return this.database.$count(builds, matching(find));
  }

  async find(id: string): Promise<BuildRow | undefined> {
    const [row] = await this.byId.execute({ id });
    return row;
  }

  async add(contents: Contents, by: string): Promise<BuildRow> {
    return this.database.transaction(async (tx) => {
      const [row] = (await tx.insert(builds).values(columns(contents)).returning()) as [BuildRow];
      await tx.insert(revisions).values({ build: row.id, version: row.version, document: contents.build, madeBy: by });
      await announce(tx, row.id, row.version);
      return row;
    });
  }

  /**
   * A build that begins on a device, with the id that it was given there: its first save. The save becomes the revision of its step, as every save does.
   * @returns undefined when there is a build of that id already
   */
  async begin(id: string, contents: Contents, as: SavedAs): Promise<BuildRow | undefined> {
    return this.database.transaction(async (tx) => {
      if ((await lastVersion(tx, id)) > 0) return undefined;
      const [row] = await tx
        .insert(builds)
        .values({ ...columns(contents), id, savedBy: as.saveId })
        .onConflictDoNothing()
        .returning();
      if (!row) return undefined;
      await tx.insert(revisions).values({ build: id, version: row.version, document: contents.build, step: as.step, madeBy: as.by });
      await announce(tx, id, row.version);
      return row;
    });
  }

  /**
   * Writes only on top of the version the change started from. The same save sent twice is written once. The save becomes the revision of its step,
   * or begins one: another step, or five minutes, make a new one. All in one statement, so that a save costs one round trip and one write; by a name, so that
   * it is parsed and planned once for a connection.
   */
  async save(id: string, from: number, contents: Contents, as: SavedAs): Promise<Saved> {
    const [written] = await this.saved.execute({ ...columns(contents), id, from, ...as });
    if (written) {
      return { row: { ...columns(contents), ...written, id, savedBy: as.saveId, deletedAt: null } };
    }
    const now = await this.find(id);
    if (!now) return undefined;
    const alreadyWritten = as.saveId !== null && now.savedBy === as.saveId && now.version === from + 1;
    return alreadyWritten ? { row: now } : { current: now.version };
  }

  /** Newest first, one more than asked for, so that the oldest can be told from the one before it. */
  revisionsOf(id: string, limit: number): Promise<RevisionRow[]> {
    return this.database
      .select()
      .from(revisions)
      .where(eq(revisions.build, id))
      .orderBy(desc(revisions.version))
      .limit(limit + 1);
  }

  async revision(id: string, version: number): Promise<RevisionRow | undefined> {
    const [row] = await this.database
      .select()
      .from(revisions)
      .where(and(eq(revisions.build, id), eq(revisions.version, version)));
    return row;
  }

  /** Every build that holds the words, a few at a time, each once: for a file of them all. */
  async *all(find: string, few = 200): AsyncGenerator<BuildRow[]> {
    let after = '00000000-0000-0000-0000-000000000000';
    for (;;) {
      const rows = await this.database
        .select()
        .from(builds)
        .where(and(gt(builds.id, after), matching(find)))
        .orderBy(builds.id)
        .limit(few);
      if (rows.length === 0) return;
      yield rows;
      after = (rows.at(-1) as BuildRow).id;
    }
  }

  /**
   * A build that comes with an id and a date of its own, above any version that its id ever had: a page that slept must not save over what it never saw. One that
   * was deleted comes back with its log and notes, as what was brought in.
   * @returns false when that id is taken meanwhile
   */
  async bring(id: string, changedAt: Date, contents: Contents, inside: Inside = async () => {}): Promise<boolean> {
    return this.database.transaction(async (tx) => {
      const values = { ...columns(contents), changedAt, deletedAt: null };
      const [back] = await tx
        .update(builds)
        .set({ ...values, version: sql`version + 1` })
        .where(and(eq(builds.id, id), isNotNull(builds.deletedAt)))
        .returning();
      const [row] = back
        ? [back]
        : await tx
            .insert(builds)
            .values({ ...values, id, version: (await lastVersion(tx, id)) + 1 })
            .onConflictDoNothing()
            .returning();
      if (!row) return false;
      await tx.insert(revisions).values({ build: id, version: row.version, document: contents.build });
      await announce(tx, id, row.version);
      await inside(tx);
      return true;
    });
  }

  /** What was brought in takes the place of what is there, as a state of the log. @returns false when it was changed meanwhile */
  async replace(id: string, from: number, contents: Contents, by: string, inside: Inside): Promise<boolean> {
    return this.database.transaction(async (tx) => {
      const [row] = await tx
        .update(builds)
        .set({ ...columns(contents), version: from + 1, savedBy: null, changedAt: sql`now()` })
        .where(and(eq(builds.id, id), eq(builds.version, from), inShed))
        .returning();
      if (!row) return false;
      await tx.insert(revisions).values({ build: id, version: row.version, document: contents.build, madeBy: by });
      await announce(tx, id, row.version);
      await inside(tx);
      return true;
    });
  }

  /** Those that were deleted and can still be brought back, newest first. */
  deleted(limit: number): Promise<BuildRow[]> {
    return this.database
      .select()
      .from(builds)
      .where(and(isNotNull(builds.deletedAt), gt(builds.deletedAt, sql`now() - ${keptFor}`)))
      .orderBy(desc(builds.deletedAt), builds.id)
      .limit(limit);
  }

  /** A deleted build is in the shed again, with all that it had. @returns undefined when there is none */
  async bringBack(id: string): Promise<BuildRow | undefined> {
    return this.database.transaction(async (tx) => {
      const [row] = await tx
        .update(builds)
        .set({ deletedAt: null, version: sql`version + 1`, changedAt: sql`now()` })
        .where(and(eq(builds.id, id), isNotNull(builds.deletedAt)))
        .returning();
      if (row) await announce(tx, id, row.version);
      return row;
    });
  }

  /** Takes away for good what was deleted long ago; of each its last version is remembered. @returns how many */
  async forget(now = new Date()): Promise<number> {
    const { rowCount } = await this.database.execute(sql`
      with gone as (
        delete from ${builds} where deleted_at <= ${now.toISOString()}::timestamptz - ${keptFor} returning id, version
      )
      insert into ${goneBuilds} (id, version) select id, version from gone
      on conflict (id) do update set version = greatest(${goneBuilds}.version, excluded.version)`);
    return rowCount ?? 0;
  }

  /**
   * Takes out what nobody will look for: of states older than a week the last of each day stays, of those older than a quarter the last of each week.
   * The first state and the newest of a build always stay. @returns how many were taken out
   */
  async thin(now = new Date()): Promise<number> {
    const at = now.toISOString();
    const { rowCount } = await this.database.execute(sql`
      delete from ${revisions} r using (
        select build, version,
          row_number() over (partition by build, case
            when saved_at > ${at}::timestamptz - interval '90 days' then date_trunc('day', saved_at)
            else date_trunc('week', saved_at) end order by version desc) as nth,
          min(version) over (partition by build) as first
        from ${revisions} where saved_at <= ${at}::timestamptz - interval '7 days'
      ) old
      where r.build = old.build and r.version = old.version and old.nth > 1 and r.version <> old.first
        and r.version < (select max(version) from ${revisions} n where n.build = r.build)`);
    return rowCount ?? 0;
  }

  /** Keeps a summary worked out again, unless the build has moved on meanwhile. */
  async refresh(id: string, version: number, summary: BuildSummary, engine: number): Promise<void> {
    await this.database
      .update(builds)
      .set({ summary, engine })
      .where(and(eq(builds.id, id), eq(builds.version, version)));
  }

  /** Out of the shed, with all that it has: for a while it can be brought back. */
  async remove(id: string, from: number): Promise<'removed' | { readonly current: number } | undefined> {
    const gone = await this.database.transaction(async (tx) => {
      const rows = await tx
        .update(builds)
        .set({ deletedAt: sql`now()`, version: from + 1 })
        .where(and(eq(builds.id, id), eq(builds.version, from), inShed))
        .returning({ id: builds.id });
      if (rows.length > 0) await announce(tx, id, from + 1);
      return rows.length > 0;
    });
    if (gone) return 'removed';
    const now = await this.find(id);
    return now && { current: now.version };
  }

  async ping(): Promise<void> {
    await this.database.execute(sql`select 1`);
  }
}
