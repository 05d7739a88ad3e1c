import { integer, pgTable, text, timestamp } from 'drizzle-orm/pg-core';

/** Own parts of the workshop, a line each: one row, made by the first save. */
export const drawer = pgTable('drawer', {
  id: integer('id').primaryKey().default(1),
  text: text('text').notNull(),
  version: integer('version').notNull(),
  changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
});
