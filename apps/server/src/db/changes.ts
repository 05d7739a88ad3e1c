import { Inject, Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { type SQL, sql } from 'drizzle-orm';
import pg from 'pg';
import { type Observable, Subject } from 'rxjs';
import { DATABASE, type Database } from './database.js';

/** A build that was saved or deleted, by this server or another on the same database. `missed` means that some may have gone unheard. */
export type Change = { readonly id: string; readonly version: number } | { readonly missed: true };

const channel = 'hobrek_changes';
const pause_ms = 500;

/** The call that tells of a change, to stand in a statement of one's own. */
export const announcement = (id: SQL, version: SQL) => sql`pg_notify(${channel}, json_build_object('id', ${id}, 'version', ${version})::text)`;

/** Speaks as part of the transaction, so that a change is heard only once it is done. */
export const announce = (tx: Pick<Database, 'execute'>, id: string, version: number) =>
  tx.execute(sql`select ${announcement(sql`${id}::text`, sql`${version}::integer`)}`);

/** Hears what every server on this database changes; when the database goes away it asks again until it is back. */
@Injectable()
export class Changes implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly heard = new Subject<Change>();
  private client: pg.Client | null = null;
  private ending = false;

  constructor(@Inject(DATABASE) private readonly database: Database) {}

  get all(): Observable<Change> {
    return this.heard;
  }

  onApplicationBootstrap(): void {
    void this.listen();
  }

  async onApplicationShutdown(): Promise<void> {
    this.ending = true;
    this.heard.complete();
    await this.client?.end().catch(() => {});
  }

  private async listen(): Promise<void> {
    for (let first = true; !this.ending; first = false) {
      const client = new pg.Client({ connectionString: this.database.$client.options.connectionString as string, connectionTimeoutMillis: 3_000 });
      const gone = new Promise<void>((resolve) => {
        client.on('end', resolve);
        client.on('error', () => resolve());
      });
      try {
        await client.connect();
        this.client = client;
        client.on('notification', ({ payload }) => this.heard.next(JSON.parse(payload ?? '{"missed":true}') as Change));
        await client.query(`listen ${channel}`);
        // What was said while nobody listened is not said again.
        if (!first) this.heard.next({ missed: true });
        await gone;
      } catch {
        // Nobody is there yet.
      }
      await client.end().catch(() => {});
      if (!this.ending) await new Promise((resolve) => setTimeout(resolve, pause_ms));
    }
  }
}
