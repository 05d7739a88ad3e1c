import type { Build, BuildSummary } from '@hobrek/core';
import { index, integer, jsonb, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';

/** One row a build. `version` counts the saves; `summary` is a cache made by engine number `engine`. */
export const builds = pgTable(
  'builds',
  {
    id: uuid('id').primaryKey().defaultRandom(),
    name: text('name').notNull(),
    version: integer('version').notNull().default(1),
    document: jsonb('document').$type<Build>().notNull(),
    summary: jsonb('summary').$type<BuildSummary>().notNull(),
    engine: integer('engine').notNull(),
    /** Id of the save that made this version: the same save sent twice, its first answer lost, is no conflict. */
    savedBy: uuid('saved_by'),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
    /** Since when it is deleted; null while it is in the shed. */
    deletedAt: timestamp('deleted_at', { withTimezone: true }),
  },
  (table) => [index('builds_changed_at').on(table.changedAt.desc().nullsFirst(), table.id)],
);

/** The last version of a build that is gone for good: one of its id that is brought in starts above it. */
export const goneBuilds = pgTable('gone_builds', {
  id: uuid('id').primaryKey(),
  version: integer('version').notNull(),
});
