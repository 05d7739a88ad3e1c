import { pgTable, text, timestamp } from 'drizzle-orm/pg-core';

/** What has been done once and must not be done again, such as loading the demo. */
export const markers = pgTable('markers', {
  name: text('name').primaryKey(),
  at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
});
