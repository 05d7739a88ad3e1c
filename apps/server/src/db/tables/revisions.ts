import type { Build } from '@hobrek/core';
import { integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
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
