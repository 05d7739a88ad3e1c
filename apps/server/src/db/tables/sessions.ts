import { pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';

/** A device on the network that was let in. Of its token only the hash is kept: who reads the database cannot come in with it. */
export const sessions = pgTable('sessions', {
  id: uuid('id').primaryKey().defaultRandom(),
  tokenHash: text('token_hash').notNull().unique(),
  name: text('name').notNull(),
  madeAt: timestamp('made_at', { withTimezone: true }).notNull().defaultNow(),
  seenAt: timestamp('seen_at', { withTimezone: true }).notNull().defaultNow(),
});
