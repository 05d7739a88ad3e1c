import { request } from 'node:http';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from '../src/app.js';
import { migrateDatabase } from '../src/db/migrate.js';
import { type Config, configFrom } from '../src/platform/config.js';
import { freshDatabase } from './fresh-database.js';

export const repository = resolve(import.meta.dirname, '../../..');

export function freePort(): Promise<number> {
  return new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

export interface Served {
  readonly app: NestExpressApplication;
  readonly base: string;
  readonly port: number;
  readonly url: string;
  /** Asks the interface; `body` is sent as JSON. */
  readonly ask: (method: string, path: string, body?: unknown, headers?: Record<string, string>) => Promise<Response>;
  readonly stop: () => Promise<void>;
}

export const configAt = (url: string, port: number, env: Readonly<Record<string, string>> = {}): Config =>
  configFrom({ ...env, DATABASE_URL: url, HOBREK_PORT: String(port) });

/** The real application on a database of its own; with `url` on that one instead, unmigrated. */
export async function serve(url?: string, env: Readonly<Record<string, string>> = {}): Promise<Served> {
  const database = url ? { url, drop: async () => {} } : await freshDatabase();
  const port = await freePort();
  const config = configAt(database.url, port, env);
  if (!url) await migrateDatabase(config, () => {});
  const app = await createApp(config);
  await app.listen(port, config.lan ? '0.0.0.0' : '127.0.0.1');
  const base = `http://127.0.0.1:${port}`;
  return {
    app,
    base,
    port,
    url: database.url,
    ask: (method, path, body, headers = {}) =>
      fetch(`${base}/api/${path}`, {
        method,
        // A line that was kept open may be closed by the server just as it is used again: with nobody to retry, a test would fail by chance.
        headers: { connection: 'close', ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
        ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
      }),
    stop: async () => {
      await app.close();
      await database.drop();
    },
  };
}

/** The status of a request with these very headers: fetch does not let a caller set Host. */
export function statusOf(port: number, path: string, headers: Record<string, string>): Promise<number> {
  return new Promise((resolve, reject) => {
    const asked = request({ host: '127.0.0.1', port, path, headers }, (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    });
    asked.on('error', reject);
    asked.end();
  });
}
