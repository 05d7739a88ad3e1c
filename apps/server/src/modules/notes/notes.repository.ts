import { Inject, Injectable } from '@nestjs/common';
import { and, desc, eq, inArray, isNull, lt, sql } from 'drizzle-orm';
import { DATABASE, type Database } from '../../db/database.js';
import { builds } from '../../db/tables/builds.js';
import { notes, photos } from '../../db/tables/notes.js';
import { idOutOf } from '../../platform/ids.js';
import type { Photo } from './make-photo.js';

export type NoteRow = typeof notes.$inferSelect & { readonly photos: readonly PhotoRow[] };
export type PhotoRow = Pick<typeof photos.$inferSelect, 'id' | 'width' | 'height'>;

/** What is written down; its photos were sent before it. */
export interface Writing {
  readonly text: string;
  readonly by: string;
  readonly tags: readonly string[];
  readonly photos: readonly string[];
}

/** A note that comes with an id and a date of its own. */
export type BroughtNote = Pick<NoteRow, 'id' | 'at' | 'madeBy' | 'text' | 'tags'>;

const withoutNote = ({ id, width, height }: PhotoRow): PhotoRow => ({ id, width, height });
const seen = { id: photos.id, note: photos.note, width: photos.width, height: photos.height };

@Injectable()
export class NotesRepository {
  constructor(@Inject(DATABASE) private readonly database: Database) {}

  /** Newest first, from a place of that order on. */
  async of(build: string, limit: number, from = 0): Promise<NoteRow[]> {
    const rows = await this.database.select().from(notes).where(eq(notes.build, build)).orderBy(desc(notes.at), notes.id).limit(limit).offset(from);
    return this.withPhotos(rows);
  }

  count(build: string): Promise<number> {
    return this.database.$count(notes, eq(notes.build, build));
  }

  /** Of several builds, oldest first. */
  async ofMany(ids: readonly string[]): Promise<NoteRow[]> {
    return this.withPhotos(
      await this.database
        .select()
        .from(notes)
        .where(inArray(notes.build, [...ids]))
        .orderBy(notes.at, notes.id),
    );
  }

  private async withPhotos(rows: readonly (typeof notes.$inferSelect)[]): Promise<NoteRow[]> {
    if (rows.length === 0) return [];
    const found = await this.database
      .select(seen)
      .from(photos)
      .where(
        inArray(
          photos.note,
          rows.map(({ id }) => id),
        ),
      )
      .orderBy(photos.at, photos.id);
    return rows.map((row) => ({
      ...row,
      photos: found.filter(({ note }) => note === row.id).map(withoutNote),
    }));
  }

  /** Writes a note with the photos that were sent for it. @returns undefined when there is no such build; `photos gone` when one of them is no longer there */
  async write(build: string, { text, by, tags, photos: wanted }: Writing): Promise<NoteRow | 'photos gone' | undefined> {
    return this.database.transaction(async (tx) => {
      const [there] = await tx
        .select({ id: builds.id })
        .from(builds)
        .where(and(eq(builds.id, build), isNull(builds.deletedAt)));
      if (!there) return undefined;
      const loose = and(eq(photos.build, build), isNull(photos.note), inArray(photos.id, [...wanted]));
      const found = wanted.length === 0 ? [] : await tx.select(seen).from(photos).where(loose).for('update');
      if (found.length < wanted.length) return 'photos gone';
      const [row] = (await tx
        .insert(notes)
        .values({ build, text, tags: [...tags], madeBy: by })
        .returning()) as [typeof notes.$inferSelect];
      // In the order in which they were chosen.
      for (const [k, id] of wanted.entries()) {
        const at = new Date(row.at.getTime() + k);
        await tx.update(photos).set({ note: row.id, at }).where(eq(photos.id, id));
      }
      return { ...row, photos: wanted.map((id) => withoutNote(found.find((photo) => photo.id === id) as PhotoRow)) };
    });
  }

  /** @returns false when there was none */
  async remove(build: string, id: string): Promise<boolean> {
    const gone = await this.database
      .delete(notes)
      .where(and(eq(notes.build, build), eq(notes.id, id)))
      .returning({ id: notes.id });
    return gone.length > 0;
  }

  /** Whose notes have these ids: the build of each that is there. */
  async owners(ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    if (ids.length === 0) return new Map();
    const rows = await this.database
      .select({ id: notes.id, build: notes.build })
      .from(notes)
      .where(inArray(notes.id, [...ids]));
    return new Map(rows.map(({ id, build }) => [id, build]));
  }

  /** Notes that are not there yet; those of an id that is taken stay as they are. @returns how many were put in */
  async bring(build: string, many: readonly BroughtNote[], within: Pick<Database, 'insert'> = this.database): Promise<number> {
    if (many.length === 0) return 0;
    const rows = await within
      .insert(notes)
      .values(many.map((note) => ({ ...note, build })))
      .onConflictDoNothing()
      .returning({ id: notes.id });
    return rows.length;
  }

  /** Ids of the photos of a note. */
  async photosOf(build: string, note: string): Promise<string[]> {
    const rows = await this.database
      .select({ id: photos.id })
      .from(photos)
      .where(and(eq(photos.build, build), eq(photos.note, note)));
    return rows.map(({ id }) => id);
  }

  /** How many photos a build has. */
  countPhotos(build: string): Promise<number> {
    return this.database.$count(photos, eq(photos.build, build));
  }

  /** @returns undefined when there is no such build */
  async addPhoto(build: string, photo: Photo): Promise<PhotoRow | undefined> {
    const [there] = await this.database
      .select({ id: builds.id })
      .from(builds)
      .where(and(eq(builds.id, build), isNull(builds.deletedAt)));
    if (!there) return undefined;
    const [row] = await this.database
      .insert(photos)
      .values({ build, ...photo })
      .returning(seen);
    return row;
  }

  /** A photo with an id of its own, to a note that is there: one that is there already stays, of an id that is another’s it has one of its own. @returns false when that note is not there */
  async bringPhoto(build: string, note: string, id: string, photo: Photo): Promise<boolean> {
    const [there] = await this.database
      .select({ id: notes.id })
      .from(notes)
      .where(and(eq(notes.build, build), eq(notes.id, note)));
    if (!there) return false;
    const [taken] = await this.database.select({ note: photos.note }).from(photos).where(eq(photos.id, id));
    const own = taken && taken.note !== note ? idOutOf(build, note, id) : id;
    await this.database
      .insert(photos)
      .values({ id: own, build, note, ...photo })
      .onConflictDoNothing();
    return true;
  }

  async photo(build: string, id: string, size: 'whole' | 'small'): Promise<Buffer | undefined> {
    const [row] = await this.database
      .select({ bytes: photos[size] })
      .from(photos)
      .where(and(eq(photos.build, build), eq(photos.id, id)));
    return row?.bytes;
  }

  /** A photo that is in no note yet. */
  async removeLoose(build: string, id: string): Promise<boolean> {
    const gone = await this.database
      .delete(photos)
      .where(and(eq(photos.build, build), eq(photos.id, id), isNull(photos.note)))
      .returning({ id: photos.id });
    return gone.length > 0;
  }

  /** Photos that were sent more than a day ago for a note that was never written. @returns how many */
  async sweep(now = new Date()): Promise<number> {
    const gone = await this.database
      .delete(photos)
      .where(and(isNull(photos.note), lt(photos.at, sql`${now.toISOString()}::timestamptz - interval '1 day'`)))
      .returning({ id: photos.id });
    return gone.length;
  }
}
