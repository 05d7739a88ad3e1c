import { customType, index, integer, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { builds } from './builds.js';

/** What a person wrote down about a build, and under which words it is found again. */
export const notes = pgTable(
  'notes',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    build: uuid('build')
      .notNull()
      .references(() => builds.id, { onDelete: 'cascade' }),
    text: text('text').notNull(),
    tags: text('tags').array().notNull().default([]),
    madeBy: text('made_by').notNull().default(''),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('notes_of_build').on(table.build, table.at.desc().nullsFirst())],
);

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** A picture to a note, made anew from what was sent, in two sizes. Without a note until the note is written; then it goes with it. */
export const photos = pgTable(
  'photos',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    build: uuid('build')
      .notNull()
      .references(() => builds.id, { onDelete: 'cascade' }),
    note: uuid('note').references(() => notes.id, { onDelete: 'cascade' }),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    /** WebP. */
    whole: bytea('whole').notNull(),
    small: bytea('small').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('photos_of_build').on(table.build), index('photos_of_note').on(table.note)],
);
