import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { and, desc, eq, gt, lt, sql } from 'drizzle-orm';
import { DATABASE, type Database } from '../../db/database.js';
import { sessions } from '../../db/tables/sessions.js';

export type SessionRow = typeof sessions.$inferSelect;

/** A device that stays away as long has to be let in again. */
export const staysDays = 30;
const stillGood = () => gt(sessions.seenAt, sql`now() - make_interval(days => ${staysDays})`);
const hashed = (token: string) => createHash('sha256').update(token).digest('hex');

@Injectable()
export class SessionsRepository {
  constructor(@Inject(DATABASE) private readonly database: Database) {}

  /** @returns the token, which is kept nowhere else */
  async make(name: string): Promise<{ readonly token: string; readonly row: SessionRow }> {
    const token = randomBytes(32).toString('base64url');
    const [row] = (await this.database
      .insert(sessions)
      .values({ tokenHash: hashed(token), name })
      .returning()) as [SessionRow];
    return { token, row };
  }

  async byToken(token: string): Promise<SessionRow | undefined> {
    const [row] = await this.database
      .select()
      .from(sessions)
      .where(and(eq(sessions.tokenHash, hashed(token)), stillGood()));
    // Written at most every five minutes.
    if (row && row.seenAt.getTime() < Date.now() - 5 * 60_000)
      await this.database.update(sessions).set({ seenAt: sql`now()` }).where(eq(sessions.id, row.id));
    return row;
  }

  all(): Promise<SessionRow[]> {
    return this.database.select().from(sessions).where(stillGood()).orderBy(desc(sessions.seenAt), sessions.id);
  }

  async end(id: string): Promise<boolean> {
    const gone = await this.database.delete(sessions).where(eq(sessions.id, id)).returning({ id: sessions.id });
    return gone.length > 0;
  }

  /** @returns how many had stayed away too long */
  async sweep(): Promise<number> {
    const gone = await this.database
      .delete(sessions)
      .where(lt(sessions.seenAt, sql`now() - make_interval(days => ${staysDays})`))
      .returning({ id: sessions.id });
    return gone.length;
  }
}
