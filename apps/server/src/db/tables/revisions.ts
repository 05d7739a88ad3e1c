import type { Build } from '@hobrek/core';
import { index, integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { builds } from './builds.js';

/**
 * What a build was. One row a step: saves of the same step within five minutes replace each other, so that the keystrokes of a field are one.
 * `version` is that of the last save in it.
 */
export const revisions = pgTable(
  'revisions',
  {
    build: uuid('build')
      .notNull()
      .references(() => builds.id, { onDelete: 'cascade' }),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Build>().notNull(),
    step: uuid('step'),
    madeBy: text('made_by').notNull().default(''),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull().defaultNow(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.build, table.version] })],
);

/** What a person wrote down about a build. */
export const notes = pgTable(
  'notes',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    build: uuid('build')
      .notNull()
      .references(() => builds.id, { onDelete: 'cascade' }),
    text: text('text').notNull(),
    madeBy: text('made_by').notNull().default(''),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [index('notes_of_build').on(table.build, table.at.desc().nullsFirst())],
);
